<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

use NorthBough\Core\Sex;

/** How a family hands its surname on. What it says is offered, never stored by itself. */
interface NamingCustom
{
    public function code(): string;

    /** What it is called in a list: "the father's surname". */
    public function word(): string;

    /** @return string the surname that a child may have; empty where the custom cannot say */
    public function surnameOf(Sex $child, SurnameSources $parents): string;

    /** @return string the surname that a father may have, by that of his child; empty where the custom cannot say */
    public function fathersSurname(string $childsSurname): string;
}
