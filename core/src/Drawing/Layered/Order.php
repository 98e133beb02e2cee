<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * The order of the units in each layer, so that few lines cross: sweeps from several starts where lines still cross.
 * Whatever crosses nothing at first stays as families tell it. The same family is always ordered the same.
 */
final class Order
{
    /**
     * So often it is tried anew from a random order, and a third as often with exchanges, from families told in another
     * order or from the best so far with a few units elsewhere.
     */
    private const MOST_TRIES = 120;

    /** Tries times units: larger drawings are tried less often. */
    private const WORK = 24000;

    /** So many pairs of units change places in one layer before it is tried anew. */
    private const DISTURBED = 4;

    /** Orders the units of every layer, and says how many lines cross. */
    public static function improve(Layers $layers, SiblingOrder $siblings): int
    {
        $sweeps = new Sweeps($layers);
        $layers->order = (new FirstOrder($layers))->order();
        $sweeps->number();
        $best = [$sweeps->crossings(), $layers->order, $layers->members];
        if ($best[0] === 0 || $siblings === SiblingOrder::Kept) {
            return $best[0];
        }
        $first = $layers->order;
        $tries = min(self::MOST_TRIES, intdiv(self::WORK, max(1, count($layers->members))));
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(1807));
        $sweeps->number();
        $best = $sweeps->improve($best);
        for ($try = 0; $try < $tries && $best[0] > 0; $try++) {
            self::shuffle($layers, new \Random\Randomizer(new \Random\Engine\Mt19937($try)), $first);
            $sweeps->number();
            $best = $sweeps->improve($best, exchanges: false);
        }
        for ($try = 0; $try < $tries / 2 && $best[0] > 0; $try++) {
            $try % 4 === 0 ? self::retell($layers, $random) : self::disturb($layers, $random, $best);
            $sweeps->number();
            $best = $sweeps->improve($best);
        }
        [, $layers->order, $layers->members] = $best;
        $sweeps->number();

        return $sweeps->siblingsInOrder($best[0]);
    }

    /** One random order and what barycentre sweeps alone make of it: how many lines cross then. What is found is measured by it. */
    public static function fromRandom(Layers $layers, int $seed): int
    {
        $sweeps = new Sweeps($layers);
        $layers->order = (new FirstOrder($layers))->order();
        self::shuffle($layers, new \Random\Randomizer(new \Random\Engine\Mt19937($seed)), $layers->order);
        $sweeps->number();

        return $sweeps->improve([$sweeps->crossings(), $layers->order, $layers->members], exchanges: false)[0];
    }

    private static function retell(Layers $layers, \Random\Randomizer $random): void
    {
        $layers->order = (new FirstOrder($layers, $random))->order();
    }

    /** @param  array{int, list<list<int>>, list<list<int>>}  $best */
    private static function disturb(Layers $layers, \Random\Randomizer $random, array $best): void
    {
        [, $layers->order, $layers->members] = $best;
        $layer = $random->getInt(0, count($layers->order) - 1);
        $units = $layers->order[$layer];
        for ($pair = 0; $pair < self::DISTURBED; $pair++) {
            $one = $random->getInt(0, count($units) - 1);
            $other = $random->getInt(0, count($units) - 1);
            [$units[$one], $units[$other]] = [$units[$other], $units[$one]];
        }
        $layers->order[$layer] = array_values($units);
    }

    /** @param  list<list<int>>  $units  by layer */
    private static function shuffle(Layers $layers, \Random\Randomizer $random, array $units): void
    {
        $layers->order = array_map(static fn (array $layer): array => array_values($random->shuffleArray($layer)), $units);
    }
}
