<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use Closure;
use NorthBough\Core\Citation\StyledWords;

/**
 * How an event tells itself: words as they stand, {field} where a value goes, and [ … ] around what is left out as a whole when a
 * field right inside it is empty. Fields: he, him, his, partner, when, where, place, value, trade, kind, age.
 */
final readonly class SentencePattern
{
    public const FIELDS = ['he', 'him', 'his', 'partner', 'when', 'where', 'place', 'value', 'trade', 'kind', 'age'];

    /** @param  list<string>  $tokens  words, {fields} and brackets, in turn */
    private function __construct(private array $tokens)
    {
    }

    /** @throws PatternProblem where a bracket is not closed, or there is no such field */
    public static function parse(string $pattern): self
    {
        $tokens = preg_split('/(\{[^{}]*\}|\[|\])/u', $pattern, -1, PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [];
        $open = 0;
        foreach ($tokens as $token) {
            $open += match ($token) {
                '[' => 1,
                ']' => -1,
                default => 0,
            };
            if ($open < 0 || $open > 1) {
                throw PatternProblem::brackets();
            }
            if ($token[0] === '{' && ! in_array(trim($token, '{}'), self::FIELDS, true)) {
                throw PatternProblem::field($token);
            }
        }

        return $open === 0 ? new self($tokens) : throw PatternProblem::brackets();
    }

    /**
     * @param  array<string, Closure(): list<StyledWords>>  $values  by field; those alone are asked for that the sentence names
     * @return list<StyledWords> none where a field outside brackets is empty: there is nothing to say then
     */
    public function set(array $values): array
    {
        $words = [];
        $part = [];
        $isInside = false;
        $isFilled = true;
        foreach ($this->tokens as $token) {
            if ($token === '[' || $token === ']') {
                array_push($words, ...$isFilled ? $part : []);
                [$part, $isFilled, $isInside] = [[], true, $token === '['];
            } elseif ($token[0] !== '{') {
                $part[] = StyledWords::plain($token);
            } else {
                $value = isset($values[trim($token, '{}')]) ? $values[trim($token, '{}')]() : [];
                $isFilled = $isFilled && $value !== [];
                array_push($part, ...$value);
                if ($value === [] && ! $isInside) {
                    return [];
                }
            }
        }

        return [...$words, ...$part];
    }
}
