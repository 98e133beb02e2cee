<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

use NorthBough\Core\Sex;

/** The first surname of the father, then the first of the mother, as in Spain; the double name is read from the left. */
final readonly class BothSurnames implements NamingCustom
{
    public function code(): string
    {
        return 'both';
    }

    public function word(): string
    {
        return 'the father’s first surname, then the mother’s';
    }

    public function surnameOf(Sex $child, SurnameSources $parents): string
    {
        return trim(self::first($parents->father->wholeSurname()).' '.self::first($parents->mother->wholeSurname()));
    }

    public function fathersSurname(string $childsSurname): string
    {
        return self::first($childsSurname);
    }

    private static function first(string $surnames): string
    {
        // A particle belongs to the name that follows it: de la Torre Ruiz is de la Torre.
        return preg_match('/^((?:de|del|la|las|los|da|dos)\s+)*\S+/iu', $surnames, $m) === 1 ? $m[0] : '';
    }
}
