<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

use NorthBough\Core\Sex;

final readonly class NoSurname implements NamingCustom
{
    public function code(): string
    {
        return 'none';
    }

    public function word(): string
    {
        return 'nothing is offered';
    }

    public function surnameOf(Sex $child, SurnameSources $parents): string
    {
        return '';
    }

    public function fathersSurname(string $childsSurname): string
    {
        return '';
    }
}
