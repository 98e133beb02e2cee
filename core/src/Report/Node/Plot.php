<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Drawing\Scene\Scene;

/** A drawing within a document. */
final readonly class Plot implements Block
{
    /**
     * @param  string  $said  all that it shows in words, for whoever cannot see it
     * @param  bool  $isBeside  it stands beside the text that follows
     */
    public function __construct(public Scene $scene, public string $caption, public string $said, public bool $isBeside = false)
    {
    }
}
