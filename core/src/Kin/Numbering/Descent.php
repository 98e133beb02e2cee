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
            $ids = array_map(strval(...), array_keys($next));
            $row = array_values(array_filter($ids, static fn (string $id): bool => ! isset($known[$id])));
        }

        return $known;
    }
}
