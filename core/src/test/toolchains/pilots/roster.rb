# Which pilot goes on board next.
class Roster
  def self.empty
    new([])
  end

  def initialize(pilots)
    @pilots = pilots
  end

  def next_for(ship)
    return nil if @pilots.empty?

    if ship[:length] > 200
      @pilots.find { |pilot| pilot[:senior] }
    else
      @pilots.first
    end
  end

  def rest(pilot)
    case pilot[:hours]
    when 0..4 then 0
    when 5..8 then 8
    else 24
    end
  end

  def unused
    @pilots.map do |pilot|
      pilot[:name]
    end
  end
end
