<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** Words that begin a sentence of a note. */
final class SentenceCase
{
    /** @return string the same with a capital, save where it is an address: that means something letter by letter */
    public static function begun(string $words): string
    {
        return preg_match('~^(?:[a-z][a-z0-9+.-]*://|mailto:|www\.|\S+@\S)~', $words) === 1 ? $words
            : mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }
}
