'use strict';

/**
 * Which berth a ship fits into.
 */
function berthFor(ship, berths) {
  for (const berth of berths) {
    if (berth.length >= ship.length && berth.depth > ship.draught) {
      return berth.name;
    }
  }
  // nothing fits
  return ship.tugs ? 'roads' : null;
}

const fee = (ship) => {
  if (ship.length > 200) { return 900; } else { return 400; }
};

function never(ship) {
  return ship.length * 2;
}

module.exports = { berthFor, fee, never };
