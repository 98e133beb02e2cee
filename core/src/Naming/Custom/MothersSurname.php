<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

use NorthBough\Core\Sex;

final readonly class MothersSurname implements NamingCustom
{
    public function code(): string
    {
        return 'mother';
    }

    public function word(): string
    {
        return 'the mother’s surname';
    }

    public function surnameOf(Sex $child, SurnameSources $parents): string
    {
        return $parents->mother->wholeSurname();
    }

    public function fathersSurname(string $childsSurname): string
    {
        return '';
    }
}
