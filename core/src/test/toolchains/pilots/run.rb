require 'coverage'
require 'json'

kinds = { 'all' => { lines: true, branches: true, methods: true }, 'oneshot' => { oneshot_lines: true }, 'old' => nil }
kind = ARGV.fetch(0)
kinds[kind] ? Coverage.start(**kinds[kind]) : Coverage.start
require_relative 'roster'

roster = Roster.new([{ name: 'Ana', senior: false, hours: 3 }])
roster.next_for({ length: 90 })
roster.rest({ hours: 3 })
roster.rest({ hours: 30 })
Roster.empty.next_for({ length: 300 })

result = Coverage.result.select { |path, _| path.end_with?('roster.rb') }
puts JSON.generate(result)
lines = result.values.first
lines = lines[:lines] if lines.is_a?(Hash)
if kind == 'all'
  all = result.values.first
  sides = all[:branches].values.flat_map(&:values)
  $stderr.puts "lines #{lines.compact.count(&:positive?)} of #{lines.compact.size}"
  $stderr.puts "branches #{sides.count(&:positive?)} of #{sides.size}"
  $stderr.puts "methods #{all[:methods].values.count(&:positive?)} of #{all[:methods].size}"
end
