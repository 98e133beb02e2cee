<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/**
 * A line that could not be kept where it stood, or had to be mended to be read; or, when it is placed, one that is odd all
 * the same.
 */
final readonly class Remark
{
    /** @param  bool  $isMended  whether it was read otherwise than it stands there */
    public function __construct(
        public int $line,
        public string $text,
        public string $why,
        public bool $isPlaced = false,
        public bool $isMended = false,
    ) {
    }

    public static function mended(int $line, string $text, string $why, bool $isPlaced = false): self
    {
        return new self($line, $text, $why, $isPlaced, true);
    }
}
