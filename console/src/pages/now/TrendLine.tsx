import { Chart, useChart } from '@chakra-ui/charts'
import { Box, Text } from '@chakra-ui/react'
import { useNavigate } from 'react-router'
import { CartesianGrid, Line, LineChart, Tooltip, XAxis, YAxis } from 'recharts'
import type { Schemas } from '../../api/client'
import { day, percent, ratio } from '../../parts/figures'
import { paths } from '../../parts/paths'

type Point = Schemas['TrendPoint']

interface Drawn {
  place: number
  share: number
  point: Point
}

/** The trend as a line in the order of the commits; a click on a point opens its commit. */
export function TrendLine({ project, points }: { project: string; points: Point[] }) {
  const navigate = useNavigate()
  const data: Drawn[] = points.map((point) => ({
    place: point.place,
    share: point.count.total === 0 ? 0 : (point.count.covered / point.count.total) * 100,
    point,
  }))
  const chart = useChart({ data, series: [{ name: 'share', color: 'link' }] })
  const open = (index: number | string | undefined) => {
    const chosen = data[Number(index)]
    if (chosen) {
      void navigate(paths.commit(project, chosen.point.commit.commit))
    }
  }
  const lowest = Math.floor(Math.min(...data.map((one) => one.share)) / 10) * 10
  const highest = Math.min(100, Math.ceil(Math.max(...data.map((one) => one.share)) / 10) * 10)
  return (
    <Chart.Root chart={chart} aspectRatio="unset" height="280px" width="100%" cursor="pointer" role="figure" aria-label={summary(points)}>
      <LineChart
        responsive
        style={{ width: '100%', height: '100%' }}
        data={chart.data}
        margin={{ top: 8, right: 12, bottom: 0, left: -18 }}
        onClick={(state) => {
          open(state.activeTooltipIndex ?? undefined)
        }}
      >
        <CartesianGrid stroke={chart.color('rule')} vertical={false} />
        <XAxis
          dataKey="place"
          type="number"
          domain={['dataMin', 'dataMax']}
          tickCount={5}
          axisLine={false}
          tickLine={false}
          tick={{ fill: chart.color('inkFaint'), fontSize: 11 }}
          tickFormatter={(place: number) => dateAt(data, place)}
        />
        <YAxis
          domain={[lowest, highest === lowest ? lowest + 10 : highest]}
          axisLine={false}
          tickLine={false}
          tickCount={5}
          allowDecimals={false}
          tick={{ fill: chart.color('inkFaint'), fontSize: 11 }}
        />
        <Tooltip isAnimationActive={false} content={({ payload }) => <Shown point={(payload[0]?.payload as Drawn | undefined)?.point} />} />
        <Line
          type="linear"
          dataKey="share"
          stroke={chart.color('link')}
          strokeWidth={1.75}
          isAnimationActive={false}
          dot={({ cx, cy, index }: { cx?: number; cy?: number; index?: number }) => (
            <Dot key={index} x={cx ?? 0} y={cy ?? 0} point={points[index ?? 0]} last={index === data.length - 1} before={points[(index ?? 0) - 1]} colours={chart.color} />
          )}
          activeDot={{ r: 5, fill: chart.color('marigold'), stroke: chart.color('ground') }}
        />
      </LineChart>
    </Chart.Root>
  )
}

/** The newest point is solid; one that is in doubt is hollow and says why, once for a run of them. */
function Dot({
  x,
  y,
  point,
  before,
  last,
  colours,
}: {
  x: number
  y: number
  point: Point | undefined
  before: Point | undefined
  last: boolean
  colours: (key: string) => string
}) {
  const doubt = point?.doubts[0]
  if (doubt !== undefined) {
    return (
      <g>
        <circle cx={x} cy={y} r={4.5} fill={colours('ground')} stroke={colours('ink')} strokeWidth={1.6} />
        {before?.doubts[0] === doubt ? null : (
          <text x={x - 10} y={y + 4} fontSize={11} textAnchor="end" fill={colours('ink')}>
            in doubt: {doubt}
          </text>
        )}
      </g>
    )
  }
  return <circle cx={x} cy={y} r={last ? 4 : 1.5} fill={colours('link')} />
}

function Shown({ point }: { point: Point | undefined }) {
  if (point === undefined) {
    return null
  }
  return (
    <Box bg="raised" borderWidth="1px" borderColor="ruleStrong" padding="6px 10px" fontSize="12.5px" maxWidth="320px">
      <Text fontWeight="600">{point.commit.subject}</Text>
      <Text color="inkSoft">
        {day(point.commit.committedAt)} · {point.commit.commit.slice(0, 8)} · {point.verdict}
      </Text>
      <Text fontFamily="mono">
        {percent(point.count)} &nbsp; {ratio(point.count)}
      </Text>
      {point.doubts.length > 0 ? <Text>in doubt: {point.doubts.join(', ')}</Text> : null}
    </Box>
  )
}

/** The date of the drawn commit that lies nearest. */
function dateAt(data: Drawn[], place: number): string {
  let nearest = data[0]
  for (const one of data) {
    if (nearest === undefined || Math.abs(one.place - place) < Math.abs(nearest.place - place)) {
      nearest = one
    }
  }
  return nearest ? day(nearest.point.commit.committedAt).replace(/ \d{4}$/, '') : ''
}

function summary(points: Point[]): string {
  const first = points[0]
  const last = points.at(-1)
  return first && last
    ? `${String(points.length)} commits from ${day(first.commit.committedAt)} to ${day(last.commit.committedAt)}: ${percent(first.count)} at first, ${percent(last.count)} now. The form “table” lists them.`
    : 'no commits'
}
