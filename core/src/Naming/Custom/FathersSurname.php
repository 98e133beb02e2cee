<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

use NorthBough\Core\Sex;

final readonly class FathersSurname implements NamingCustom
{
    public function code(): string
    {
        return 'father';
    }

    public function word(): string
    {
        return 'the father’s surname';
    }

    public function surnameOf(Sex $child, SurnameSources $parents): string
    {
        return $parents->father->wholeSurname();
    }

    public function fathersSurname(string $childsSurname): string
    {
        return $childsSurname;
    }
}
