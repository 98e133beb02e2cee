<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming\Custom;

use NorthBough\Core\Naming\PersonalName;

/** What a child's surname can come from: the names of the parents as far as they are known, and the farm. */
final readonly class SurnameSources
{
    public function __construct(public PersonalName $father, public PersonalName $mother, public string $farm = '')
    {
    }

    public static function unknown(): self
    {
        return new self(PersonalName::of('', ''), PersonalName::of('', ''));
    }
}
