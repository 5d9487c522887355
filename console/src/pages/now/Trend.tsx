import { Box, Text } from '@chakra-ui/react'
import { type Schemas, api } from '../../api/client'
import { useLoaded } from '../../api/useLoaded'
import { Choice } from '../../parts/Choice'
import { Section } from '../../parts/Section'
import { Show } from '../../parts/Show'
import { useChoice } from '../../parts/useChoice'
import { TrendLine } from './TrendLine'
import { TrendTable } from './TrendTable'

type TrendDocument = Schemas['TrendDocument']

const spans = [
  { value: 'all', text: 'all' },
  { value: '90', text: '90 days' },
  { value: '30', text: '30 days' },
  { value: '14', text: '14 days' },
]

/** How a count moved along the branch, as a line or as a table; which of it lives in the address. */
export function Trend({ project, branch }: { project: string; branch: string }) {
  const [count, chooseCount] = useChoice('count', 'lines')
  const [area, chooseArea] = useChoice('area', '')
  const [days, chooseDays] = useChoice('days', 'all')
  const [as, chooseAs] = useChoice('as', 'line')
  const loaded = useLoaded(['trend', project, count, area], () => api.trend(project, count, area || undefined), 30)
  return (
    <Section title={`${count.charAt(0).toUpperCase()}${count.slice(1)} covered on ${branch}${area === '' ? '' : `, area ${area}`}, %`}>
      <Show of={loaded}>
        {(trend) => {
          const shown = within(trend, days)
          return (
            <>
              <Box display="flex" flexWrap="wrap" gap="4px 26px" marginBottom="10px">
                <Choice label="Count" options={options(trend.counts.length > 0 ? trend.counts : [count])} chosen={count} choose={chooseCount} />
                {trend.areas.length === 0 ? null : (
                  <Choice
                    label="Area"
                    options={[{ value: '', text: 'whole' }, ...options(trend.areas)]}
                    chosen={area}
                    choose={chooseArea}
                  />
                )}
                <Choice label="Time" options={spans} chosen={days} choose={chooseDays} />
                <Choice label="Form" options={options(['line', 'table'])} chosen={as} choose={chooseAs} />
              </Box>
              {shown.length === 0 ? (
                <Text color="inkSoft">Nothing of it was measured in this time.</Text>
              ) : as === 'table' ? (
                <TrendTable project={project} points={shown} />
              ) : (
                <TrendLine project={project} points={shown} />
              )}
            </>
          )
        }}
      </Show>
    </Section>
  )
}

function options(values: string[]) {
  return values.map((value) => ({ value, text: value }))
}

/** The last days of a trend, counted back from its newest commit. */
function within(trend: TrendDocument, days: string): TrendDocument['points'] {
  const newest = trend.points.at(-1)
  if (days === 'all' || newest === undefined) {
    return trend.points
  }
  const from = new Date(newest.commit.committedAt).getTime() - Number(days) * 86_400_000
  return trend.points.filter((point) => new Date(point.commit.committedAt).getTime() >= from)
}
