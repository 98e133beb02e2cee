<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use NorthBough\Core\Sex;

/** How somebody is called once they were named. Where the language has no pronoun for them, the name itself stands again. */
final readonly class Pronoun
{
    private function __construct(public string $subject, public string $object, public string $possessive)
    {
    }

    /** @param  string  $name  by which they are called where there is no pronoun */
    public static function of(Sex $sex, string $name): self
    {
        return match ($sex) {
            Sex::Male => new self('he', 'him', 'his'),
            Sex::Female => new self('she', 'her', 'her'),
            Sex::Other, Sex::Unknown => new self($name, $name, $name.(str_ends_with($name, 's') ? '’' : '’s')),
        };
    }
}
