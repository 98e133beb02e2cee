<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

/** What a drawing that leaves as a file needs from outside it. */
final readonly class Outward
{
    /** @param  string  $peopleAddress  before the id of a person whose words lead to their page; empty for no links */
    public function __construct(public string $peopleAddress = '', public PictureSource $pictures = new NoPictures)
    {
    }

    public function withoutLinks(): self
    {
        return new self('', $this->pictures);
    }
}
