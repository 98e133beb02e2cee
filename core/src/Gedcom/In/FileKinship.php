<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Structure;

/** Who is whose child and partner in a file, by pointers; a tie counts whichever of its two ends tells it. */
final class FileKinship
{
    /** @var array<string, true> */
    private array $people = [];

    /** @var array<string, array<string, true>> family => partners */
    private array $partners = [];

    /** @var array<string, array<string, true>> family => children */
    private array $children = [];

    /** @var array<string, list<string>> person => families whose child they are */
    private array $bornTo = [];

    /** @var array<string, list<string>> person => families whose partner they are */
    private array $wedIn = [];

    private function __construct()
    {
    }

    /** @param  iterable<Structure>  $records */
    public static function in(iterable $records): self
    {
        $kin = new self;
        foreach ($records as $record) {
            if ($record->tag === 'INDI' && $record->pointer !== '') {
                $kin->people[$record->pointer] = true;
            }
            foreach ($record->children as $child) {
                match ([$record->tag, $child->tag]) {
                    ['FAM', 'HUSB'], ['FAM', 'WIFE'] => $kin->partners[$record->pointer][$child->payload] = true,
                    ['FAM', 'CHIL'] => $kin->children[$record->pointer][$child->payload] = true,
                    ['INDI', 'FAMS'] => $kin->partners[$child->payload][$record->pointer] = true,
                    ['INDI', 'FAMC'] => $kin->children[$child->payload][$record->pointer] = true,
                    default => null,
                };
            }
        }
        foreach ([[&$kin->partners, &$kin->wedIn], [&$kin->children, &$kin->bornTo]] as [$members, &$of]) {
            foreach ($members as $family => $people) {
                foreach (array_keys($people) as $person) {
                    $of[$person][] = (string) $family;
                }
            }
        }

        return $kin;
    }

    public function has(string $person): bool
    {
        return isset($this->people[$person]);
    }

    /** Whether it is the pointer of a person or of a family. */
    public function isKin(string $pointer): bool
    {
        return isset($this->people[$pointer]) || isset($this->partners[$pointer]) || isset($this->children[$pointer]);
    }

    /** @return array<string, true> people */
    public function around(string $start, int $generations): array
    {
        $all = [$start => true];
        $line = $all;
        $seen = $all;
        for ($step = 0; $step < $generations && $line !== []; $step++) {
            $parents = [];
            foreach ($this->ofAll($this->bornTo, $line) as $family) {
                $parents += $this->partners[$family] ?? [];
            }
            $line = array_diff_key($parents, $seen);
            $seen += $line;
            $all += $parents;
            foreach ($this->ofAll($this->wedIn, $parents) as $family) {
                $all += ($this->partners[$family] ?? []) + ($this->children[$family] ?? []);
            }
        }
        $line = [$start => true];
        $seen = $line;
        for ($step = 0; $line !== []; $step++) {
            $children = [];
            foreach ($this->ofAll($this->wedIn, $line) as $family) {
                $all += $this->partners[$family] ?? [];
                $children += $step < $generations ? $this->children[$family] ?? [] : [];
            }
            $all += $children;
            $line = array_diff_key($children, $seen);
            $seen += $line;
        }

        return array_intersect_key($all, $this->people);
    }

    /**
     * @param  array<string, true>  $people
     * @return array<string, true> families that tie two of them, or that one of them has alone
     */
    public function families(array $people): array
    {
        $families = [];
        foreach (array_unique([...$this->ofAll($this->wedIn, $people), ...$this->ofAll($this->bornTo, $people)]) as $family) {
            $members = ($this->partners[$family] ?? []) + ($this->children[$family] ?? []);
            $in = count(array_intersect_key($members, $people));
            if ($in > 1 || $in === count($members)) {
                $families[$family] = true;
            }
        }

        return $families;
    }

    /**
     * @param  array<string, list<string>>  $families
     * @param  array<string, true>  $people
     * @return list<string>
     */
    private function ofAll(array $families, array $people): array
    {
        return array_merge(...array_values(array_map(static fn (array $ids): array => $ids, array_intersect_key($families, $people))));
    }
}
