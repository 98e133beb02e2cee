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
    public function __construct(public array $list, public array $families)
    {
    }

    /**
     * @param  list<string>  $unionIds  only the children of these unions of whoever it begins with; none for all
     * @param  int  $generations  how many are listed, whoever it begins with counted as one
     */
    public static function of(Lines $lines, string $personId, TellingOrder $order, int $generations, array $unionIds = []): self
    {
        $walk = new DescentWalk(self::gather($lines, $personId, $generations, $unionIds), $generations);

        return $order === TellingOrder::ByGeneration ? $walk->byGeneration($personId) : $walk->byLine($personId);
    }

    /**
     * Only those asked for and whoever stands between them and whom it begins with, each in their place among all.
     *
     * @param  list<string>  $personIds
     * @param  list<string>  $unionIds
     */
    public static function towards(Lines $lines, string $personId, array $personIds, array $unionIds = []): self
    {
        $between = Towards::between($lines, $personId, $personIds);
        if ($between === []) {
            return new self([], []);
        }
        $known = $lines->families(array_map(strval(...), array_keys($between)));
        $known[$personId] = self::within($known[$personId] ?? [], $unionIds);

        return (new DescentWalk($known, PHP_INT_MAX, $between))->byLine($personId);
    }

    /**
     * @param  list<LineFamily>  $families
     * @param  list<string>  $unionIds  none for all
     * @return list<LineFamily>
     */
    public static function within(array $families, array $unionIds): array
    {
        return $unionIds === [] ? $families : array_values(array_filter($families,
            static fn (LineFamily $family): bool => in_array($family->unionId, $unionIds, true)));
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
                $known[$id] = self::within($found[$id] ?? [], $generation === 1 ? $unionIds : []);
                foreach ($known[$id] as $family) {
                    foreach ($family->children as $child) {
                        $next[$child->personId] = true;
                    }
                }
            }
            $row = array_map(strval(...), array_keys(array_diff_key($next, $known)));
        }

        return $known;
    }
}
