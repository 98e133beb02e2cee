<?php

declare(strict_types=1);

namespace App\Trees\Numbers;

use App\Trees\Joins\Joined;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\Numbering;

/** By what somebody has everybody of a tree numbered. */
final readonly class ChosenNumbering
{
    /**
     * @param  string  $system  code of a system of Numbering
     * @param  non-empty-list<string>  $personIds  whom it begins with, and the partner where only their children together count
     */
    public function __construct(public string $system, public array $personIds, public LineChoice $choice)
    {
    }

    /** @return self|null null where nothing that can be read was chosen */
    public static function read(string $json, Joined $joined): ?self
    {
        $stored = json_decode($json, true);
        if (! is_array($stored) || ! isset(Numbering::systems()[$stored['system'] ?? '']) || ! is_array($stored['people'] ?? null)) {
            return null;
        }
        $people = Joined::idsIn($stored['people']);
        $stays = $joined->resolveAll($people);
        $ids = array_values(array_unique(array_map(static fn (string $id): string => $stays[$id] ?? $id, $people)));

        return $ids === [] ? null : new self($stored['system'], $ids, new LineChoice((bool) ($stored['adopted'] ?? true),
            (bool) ($stored['step'] ?? false), (bool) ($stored['unproved'] ?? true)));
    }

    public function json(): string
    {
        return json_encode(['system' => $this->system, 'people' => $this->personIds, 'adopted' => $this->choice->adopted,
            'step' => $this->choice->step, 'unproved' => $this->choice->unproved], JSON_THROW_ON_ERROR);
    }
}
