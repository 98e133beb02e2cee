<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** One number of somebody in a numbering. */
final readonly class LineNumber
{
    /** @param  bool  $isProvisional  whether the order of birth, by which it goes, is not known */
    public function __construct(public string $number, public bool $isProvisional = false)
    {
    }

    /** A number that is provisional says so. */
    public function shown(): string
    {
        return $this->number.($this->isProvisional ? '?' : '');
    }
}
