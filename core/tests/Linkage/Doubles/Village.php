<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage\Doubles;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Life\Window\Bounds;
use NorthBough\Core\Linkage\Doubles\DoubleFinder;
use NorthBough\Core\Linkage\Doubles\LinkedPerson;
use NorthBough\Core\Linkage\Doubles\PeopleTable;
use NorthBough\Core\Linkage\Doubles\ScoredPair;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

/** Two thousand made-up people among whom doubles are looked for, and a few whom a test adds. */
final class Village
{
    private const MEN = ['John', 'Ewan', 'Magnus', 'Thomas', 'Bran', 'Robert', 'Osmund', 'Piers', 'Col', 'Niall', 'James', 'Simon', 'Hugh'];

    private const WOMEN = ['Mary', 'Ann', 'Isbel', 'Morwen', 'Elspet', 'Joan', 'Una', 'Ada', 'Cora', 'Flora', 'Hester', 'Rhoda', 'Tamsin'];

    private const SURNAMES = ['Tarrel', 'Tarrel', 'Tarrel', 'Quillan', 'Quillan', 'Osk', 'Maddern', 'Fenwhistle', 'Averay', 'Drum',
        'Corran',
        'Penhask', 'Sallow', 'Brack', 'Lorne', 'Neap'];

    private const PLACES = ['Kirkhaven, Great Marren', 'Slatequay, Great Marren', 'Tolsay Harbour, Tolsay', 'Nethery Ness, Tolsay',
        'Pellmouth, Westering'];

    private readonly PeopleTable $people;

    public function __construct()
    {
        $this->people = new PeopleTable;
        $dice = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        for ($i = 0; $i < 2000; $i++) {
            $sex = $i % 2 === 0 ? Sex::Male : Sex::Female;
            $given = $sex === Sex::Male ? self::MEN : self::WOMEN;
            $year = $dice->getInt(1700, 1880);
            $this->add("v{$i}", $given[$dice->getInt(0, 12)].' /'.self::SURNAMES[$dice->getInt(0, 15)].'/', $sex,
                $dice->getInt(1, 28).' Jun '.$year, self::PLACES[$dice->getInt(0, 4)]);
        }
    }

    /** @param  string  $name  the surname between slashes */
    public function add(
        string $id, string $name, Sex $sex, string $born = '', string $place = '', string $died = '', string $christened = '',
    ): self {
        $span = static fn (string $date) => $date === '' ? null : GenDate::parse($date)->span();
        $birth = $span($born);
        $death = $span($died);
        $this->people->add(new LinkedPerson($id, $sex, [PersonalName::parse($name)], $birth, $span($christened), $place, $death, null, '',
            new Bounds([$birth?->earliest, $birth?->latest, $death?->earliest, $death?->latest, $birth?->earliest, $birth?->latest,
                $death?->earliest, $death?->latest])));

        return $this;
    }

    /** @param  list<string>  $children */
    public function family(string $father, string $mother, array $children, string $wed = ''): self
    {
        $this->people->couple($father, $mother, $wed === '' ? null : GenDate::parse($wed)->span());
        foreach ($children as $child) {
            $this->people->parent($child, $father);
            $this->people->parent($child, $mother);
        }

        return $this;
    }

    public function onOneRecord(string $id, string $otherId): self
    {
        $this->people->apart($id, $otherId);

        return $this;
    }

    /** @return array<string, ScoredPair> of those that a test added, by their two ids in order */
    public function doubles(): array
    {
        $found = [];
        foreach ((new DoubleFinder($this->people, static fn (float $far) => null))->find(0.0) as $pair) {
            $ids = [$pair->a, $pair->b];
            sort($ids);
            $found[implode(' ', $ids)] = $pair;
        }

        return array_filter($found, static fn (string $ids): bool => preg_match('/\bv\d/', $ids) === 0, ARRAY_FILTER_USE_KEY);
    }

    /** @return float of two that a test added; 0 where they were not found at all */
    public function probability(string $id, string $otherId): float
    {
        $ids = [$id, $otherId];
        sort($ids);

        return $this->doubles()[implode(' ', $ids)]->probability ?? 0.0;
    }
}
