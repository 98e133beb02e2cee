<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom\Grammar;

/** A line of a file with the lines beneath it. */
final class Node
{
    /** @var list<Node> */
    public array $children = [];

    public function __construct(public readonly string $tag, public readonly string $pointer, public string $payload)
    {
    }
}
