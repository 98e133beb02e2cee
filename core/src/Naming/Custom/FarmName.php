<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

use NorthBough\Core\Sex;

/** The name of the farm on which the family lived; it changes when they move. */
final readonly class FarmName implements NamingCustom
{
    public function code(): string
    {
        return 'farm';
    }

    public function word(): string
    {
        return 'the name of the farm';
    }

    public function surnameOf(Sex $child, SurnameSources $parents): string
    {
        return $parents->farm !== '' ? $parents->farm : $parents->father->wholeSurname();
    }

    public function fathersSurname(string $childsSurname): string
    {
        return '';
    }
}
