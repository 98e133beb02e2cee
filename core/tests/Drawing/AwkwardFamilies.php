<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;

/** Families that make drawing hard, made from a number: always the same from the same. */
final class AwkwardFamilies
{
    private Isles $isles;

    /** @var list<string> */
    public array $ids = [];

    /** @var array<string, list<string>> children by union, in their order */
    public array $children = [];

    /** @var array<string, int> */
    private array $generation = [];

    private function __construct(private readonly \Random\Randomizer $random)
    {
        $this->isles = new Isles;
    }

    /**
     * Up to five partners, up to sixteen children, cousins and an uncle and niece who married, adoption across
     * generations, half of a couple unknown.
     *
     * @param  bool  $circles  whether somebody is told to be above themselves, as files can say
     */
    public static function of(int $seed, int $people, bool $circles = false): self
    {
        $families = new self(new \Random\Randomizer(new \Random\Engine\Mt19937($seed)));
        $families->person(0);
        $families->person(0);
        for ($at = 0; count($families->ids) < $people; $at++) {
            $families->couples($families->ids[$at % count($families->ids)], $at);
        }
        if ($circles) {
            $last = $families->ids[count($families->ids) - 1];
            $families->isles->union('circle', [$last], [$families->ids[0]]);
            $families->isles->union('own', [$families->ids[1]], [$families->ids[1]]);
        }

        return $families;
    }

    public function isles(): Isles
    {
        return $this->isles;
    }

    private function person(int $generation): string
    {
        $id = 'p'.count($this->ids);
        $this->ids[] = $id;
        $this->generation[$id] = $generation;
        $names = ['Una Osk w', 'Ewan Tarrel h', 'Kit Halloway-Sten x', 'Augustus Bartholomew Cornelius Desmond Everard Fitzgerald Sten h'];
        $this->isles->person($id, $names[$this->random->getInt(0, 3)].($this->random->getInt(0, 1) === 1 ? ' b 1800 Hask d 1860 Tolsay'
            : ''));

        return $id;
    }

    private function couples(string $person, int $at): void
    {
        $most = $this->random->getInt(0, 9) === 0 ? 5 : 2;
        for ($couple = $this->random->getInt(0, $most); $couple >= 0; $couple--) {
            $partners = match ($this->random->getInt(0, 5)) {
                0 => [$person],
                1 => array_values(array_unique([$person, $this->ids[$this->random->getInt(0, count($this->ids) - 1)]])),
                default => [$person, $this->person($this->generation[$person])],
            };
            $children = [];
            for ($child = $this->random->getInt(0, 19) === 0 ? 16 : $this->random->getInt(0, 4); $child > 0; $child--) {
                $children[] = $this->person(1 + max(array_map(fn (string $id): int => $this->generation[$id], $partners)));
            }
            $kind = $this->random->getInt(0, 7) === 0 ? ParentageKind::Adoptive : ParentageKind::Birth;
            $this->children["u{$at}-{$couple}"] = $children;
            $this->isles->union("u{$at}-{$couple}", $partners, $children, kind: $kind);
            if ($this->random->getInt(0, 5) === 0 && $children !== []) {
                $this->isles->union("a{$at}-{$couple}", [$this->ids[0]], [$children[0]], kind: ParentageKind::Adoptive);
            }
        }
    }
}
