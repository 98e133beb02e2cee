<?php

declare(strict_types=1);

namespace NorthBough\Core\Claim;

/**
 * How a source is classed as it was seen. A faithful image counts as its original; an index or a transcript is derivative;
 * a narrative that weighs others is authored.
 */
enum SourceClass: string
{
    case Unstated = 'unstated';
    case Original = 'original';
    case Derivative = 'derivative';
    case Authored = 'authored';

    public function word(): string
    {
        return $this === self::Unstated ? 'a source that nobody classed' : match ($this) {
            self::Original => 'an original, or its image',
            self::Derivative => 'a derivative: an index, a transcript, a copy',
            default => 'an authored work that weighs others',
        };
    }
}
