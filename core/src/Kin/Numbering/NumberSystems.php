<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** Every system by which descendants are numbered, in the order in which they are offered. */
final class NumberSystems
{
    /** @return non-empty-array<string, NumberSystem> by code */
    public static function all(): array
    {
        $systems = [];
        foreach ([new Daboville, new Henry, new ModifiedHenry, new VilliersPama, new RegisterNumbers,
            new ModifiedRegisterNumbers] as $system) {
            $systems[$system::code()] = $system;
        }

        return $systems;
    }

    /** @param  list<string>  $unionIds  only the children of these unions of whoever it begins with; none for all */
    public static function numbered(NumberSystem $system, Lines $lines, string $personId, int $generations, array $unionIds = []): Descent
    {
        return $system->number(Descent::of($lines, $personId, $system->order(), $generations, $unionIds));
    }
}
