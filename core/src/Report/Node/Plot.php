<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Drawing\Scene\Scene;

/** A drawing within a document, with what it shows in words for whoever cannot see it. */
final readonly class Plot implements Block
{
    public function __construct(public Scene $scene, public string $caption)
    {
    }
}
