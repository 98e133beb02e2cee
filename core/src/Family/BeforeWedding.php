<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** What speaks against moving a child to other parents: a birth before their wedding. */
final readonly class BeforeWedding
{
    /** @return string a sentence; empty where nothing speaks against it */
    public static function says(Person $child, Union $to): string
    {
        $birth = $child->vitals()->birth();
        $wedding = $to->marriage();
        $born = $birth?->date->span()?->latest;
        $wed = $wedding?->date->span()?->earliest;

        return $birth !== null && $wedding !== null && $born !== null && $wed !== null && $born < $wed
            ? "The birth, {$birth->date->shown}, was before that wedding, {$wedding->date->shown}."
            : '';
    }
}
