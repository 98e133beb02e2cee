<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** Everybody who descends from somebody, in the order in which they are told. */
final readonly class Descent
{
    /**
     * @param  list<Descendant>  $list
     * @param  array<int, list<LineFamily>>  $families  of each who is carried on, by where they stand in the list
     */
    private function __construct(public array $list, public array $families)
    {
    }

    /**
     * @param  list<string>  $unionIds  only the children of these unions of whoever it begins with; none for all
     * @param  int  $generations  how many are listed, whoever it begins with counted as one
     */
    public static function of(Lines $lines, string $personId, TellingOrder $order, int $generations, array $unionIds = []): self
    {
        $known = self::gather($lines, $personId, $generations, $unionIds);

        return $order === TellingOrder::ByGeneration ? self::byGeneration($known, $personId, $generations)
            : self::byLine($known, $personId, $generations);
    }

    /** @param  list<Descendant>  $list  the same people with their numbers */
    public function numbered(array $list): self
    {
        return new self($list, $this->families);
    }

    /**
     * @param  list<string>  $unionIds
     * @return array<string, list<LineFamily>> of everybody within reach, asked for a generation at a time
     */
    private static function gather(Lines $lines, string $personId, int $generations, array $unionIds): array
    {
        $known = [];
        $row = [$personId];
        for ($generation = 1; $generation < $generations && $row !== []; $generation++) {
            $found = $lines->families($row);
            $next = [];
            foreach ($row as $id) {
                $known[$id] = $found[$id] ?? [];
                if ($generation === 1 && $unionIds !== []) {
                    $known[$id] = array_values(array_filter($known[$id],
                        static fn (LineFamily $family): bool => in_array($family->unionId, $unionIds, true)));
                }
                foreach ($known[$id] as $family) {
                    foreach ($family->children as $child) {
                        $next[$child->personId] = true;
                    }
                }
            }
            $row = array_values(array_filter(array_map(strval(...), array_keys($next)), static fn (string $id): bool => ! isset($known[$id])));
        }

        return $known;
    }

    /** @param  array<string, list<LineFamily>>  $known */
    private static function byGeneration(array $known, string $personId, int $generations): self
    {
        $list = [];
        $families = [];
        $first = [];
        self::add($list, $first, $families, $known, $generations, new LineChild($personId), 1, -1, '', 0, false);
        for ($at = 0; $at < count($list); $at++) {
            foreach (self::childrenOf($families[$at] ?? []) as $place => [$unionId, $child, $isProvisional]) {
                self::add($list, $first, $families, $known, $generations, $child, $list[$at]->generation + 1, $at, $unionId, $place + 1,
                    $isProvisional);
            }
        }

        return new self($list, $families);
    }

    /** @param  array<string, list<LineFamily>>  $known */
    private static function byLine(array $known, string $personId, int $generations): self
    {
        $list = [];
        $families = [];
        $first = [];
        $waiting = [[new LineChild($personId), 1, -1, '', 0, false]];
        while ($waiting !== []) {
            [$child, $generation, $parentAt, $unionId, $place, $isProvisional] = array_pop($waiting);
            $at = count($list);
            self::add($list, $first, $families, $known, $generations, $child, $generation, $parentAt, $unionId, $place, $isProvisional);
            foreach (array_reverse(self::childrenOf($families[$at] ?? []), true) as $below => [$by, $next, $isOpen]) {
                $waiting[] = [$next, $generation + 1, $at, $by, $below + 1, $isOpen];
            }
        }

        return new self($list, $families);
    }

    /**
     * @param  list<Descendant>  $list
     * @param  array<string, int>  $first  where each was told first
     * @param  array<int, list<LineFamily>>  $families
     * @param  array<string, list<LineFamily>>  $known
     */
    private static function add(array &$list, array &$first, array &$families, array $known, int $generations, LineChild $child,
        int $generation, int $parentAt, string $unionId, int $place, bool $isProvisional): void
    {
        $at = count($list);
        $isFirst = ! isset($first[$child->personId]);
        $first[$child->personId] ??= $at;
        $own = $isFirst && $generation < $generations ? $known[$child->personId] ?? [] : [];
        $isCarriedOn = array_filter($own, static fn (LineFamily $family): bool => $family->children !== []) !== [];
        if ($isCarriedOn) {
            $families[$at] = $own;
        }
        $list[] = new Descendant($child->personId, '', $generation, $parentAt, $unionId, $place, $first[$child->personId], $isCarriedOn,
            $isProvisional, $child);
    }

    /**
     * The children of all unions in order of birth: those that are dated take the dated places, one that is not stays as put.
     *
     * @param  list<LineFamily>  $families
     * @return list<array{string, LineChild, bool}> union, child, and whether that order is not known
     */
    private static function childrenOf(array $families): array
    {
        $children = [];
        foreach ($families as $family) {
            foreach ($family->children as $child) {
                $children[] = [$family->unionId, $child, false];
            }
        }
        $dated = array_filter($children, static fn (array $one): bool => self::day($one[1]) !== null);
        usort($dated, static fn (array $a, array $b): int => self::day($a[1]) <=> self::day($b[1]));
        $ordered = [];
        foreach ($children as $one) {
            $ordered[] = self::day($one[1]) === null ? $one : array_shift($dated) ?? $one;
        }
        foreach ($ordered as $at => $one) {
            foreach ($ordered as $beside => $other) {
                if ($at !== $beside && ! $one[1]->isToldApartFrom($other[1])) {
                    $ordered[$at][2] = true;

                    break;
                }
            }
        }

        return $ordered;
    }

    private static function day(LineChild $child): ?int
    {
        return $child->born->earliest ?? $child->born->latest ?? null;
    }
}
