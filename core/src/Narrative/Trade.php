<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

/** What somebody did, as a sentence has it after "he". */
final class Trade
{
    /** Four words and fewer, none of which makes a phrase of its own that no article fits. */
    private const PLAIN = '/^(?!(?:a|an|the|own|at|in|on|of|ex|late|none|no|living|retired|formerly|wife|widow|son|daughter|out'
        .'|unemployed)\b)[a-z][a-z\'’ -]*$/u';

    /** @return string was a fowler and crofter; was recorded as “Ag. Lab.” */
    public static function words(string $written): string
    {
        $written = self::lowered(trim($written));
        $isPlain = preg_match(self::PLAIN, $written) === 1 && count(explode(' ', $written)) <= 4
            && preg_match('/(?:s|ing|ed)$/u', explode(' ', $written)[0]) !== 1;

        return match (true) {
            $written === '' => '',
            $isPlain => 'was '.(preg_match('/^[aeiou]/u', $written) === 1 ? 'an' : 'a')." {$written}",
            default => "was recorded as “{$written}”",
        };
    }

    /** "Light keeper" is written as a form has it; a sentence has light keeper. */
    private static function lowered(string $written): string
    {
        return preg_match('/^\p{Lu}[\p{Ll} \'’-]+$/u', $written) === 1 ? mb_strtolower(mb_substr($written, 0, 1)).mb_substr($written, 1)
            : $written;
    }
}
