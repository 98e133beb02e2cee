<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

final readonly class Line
{
    public function __construct(
        public int $number,
        public int $level,
        public string $pointer,
        public string $tag,
        public string $payload,
    ) {
    }
}
