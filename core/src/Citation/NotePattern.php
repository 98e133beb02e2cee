<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/**
 * How a form of a citation is set: words as they stand, {field} where a value goes, *…* for italics, and [ … ] around
 * what is left out as a whole when a field right inside it is empty. Quotation marks and round brackets are words like
 * any other; \[ \] \{ \} \* stand for themselves.
 */
final readonly class NotePattern
{
    /** @param  list<array{type: string, text: string, parts: list<mixed>}>  $parts */
    private function __construct(private array $parts)
    {
    }

    /** @throws KindProblem when a bracket is not closed, or a field has no name */
    public static function parse(string $pattern): self
    {
        $at = 0;
        $parts = self::read($pattern, $at, '');

        return new self($parts);
    }

    /**
     * @param  array<string, string>  $values  by field
     * @return list<StyledWords>
     */
    public function set(array $values): array
    {
        return self::tidy(self::words($this->parts, $values, false));
    }

    /** @return list<string> codes of the fields, in the order in which they are met */
    public function fields(): array
    {
        return array_values(array_unique(self::named($this->parts)));
    }

    /**
     * The form with its gaps, for whoever writes into it: words and fields in their order.
     *
     * @return list<array{field: string, text: string}>
     */
    public function gaps(): array
    {
        return self::flat($this->parts);
    }

    /** @return list<array{type: string, text: string, parts: list<mixed>}> */
    private static function read(string $pattern, int &$at, string $until): array
    {
        $parts = [];
        $text = '';
        for (; $at < strlen($pattern); $at++) {
            $sign = $pattern[$at];
            if ($sign === '\\' && $at + 1 < strlen($pattern)) {
                $text .= $pattern[++$at];
            } elseif ($sign === $until) {
                return [...$parts, ...self::plain($text)];
            } elseif ($sign === '{') {
                $parts = [...$parts, ...self::plain($text)];
                $text = '';
                $close = strpos($pattern, '}', $at);
                $name = $close === false ? '' : substr($pattern, $at + 1, $close - $at - 1);
                if (preg_match('/^[a-z][A-Za-z0-9]*$/', $name) !== 1) {
                    throw KindProblem::because('a field in a form has no name: “'.substr($pattern, $at, 20).'”');
                }
                $parts[] = ['type' => 'field', 'text' => $name, 'parts' => []];
                $at = (int) $close;
            } elseif ($sign === '[' || $sign === '*') {
                $parts = [...$parts, ...self::plain($text)];
                $text = '';
                $at++;
                $parts[] = ['type' => $sign === '[' ? 'group' : 'italic', 'text' => '',
                    'parts' => self::read($pattern, $at, $sign === '[' ? ']' : '*')];
            } elseif ($sign === ']') {
                throw KindProblem::because('a bracket is closed that was not opened');
            } else {
                $text .= $sign;
            }
        }
        if ($until !== '') {
            throw KindProblem::because("“{$until}” is missing at the end of a form");
        }

        return [...$parts, ...self::plain($text)];
    }

    /** @return list<array{type: string, text: string, parts: list<mixed>}> */
    private static function plain(string $text): array
    {
        return $text === '' ? [] : [['type' => 'text', 'text' => $text, 'parts' => []]];
    }

    /**
     * @param  list<array{type: string, text: string, parts: list<mixed>}>  $parts
     * @param  array<string, string>  $values
     * @return list<StyledWords>
     */
    private static function words(array $parts, array $values, bool $isItalic): array
    {
        $words = [];
        foreach ($parts as $at => $part) {
            /** @var list<array{type: string, text: string, parts: list<mixed>}> $inner */
            $inner = $part['parts'];
            $begins = str_ends_with($parts[$at - 1]['text'] ?? '', '. ');
            $set = static fn (string $text): StyledWords => $isItalic ? StyledWords::italic($text) : StyledWords::plain($text);
            array_push($words, ...match ($part['type']) {
                'text' => [$set($part['text'])],
                'field' => [$set(self::begun(trim($values[$part['text']] ?? ''), $begins))],
                'italic' => self::words($inner, $values, true),
                default => self::isFilled($inner, $values) ? self::words($inner, $values, $isItalic) : [],
            });
        }

        return $words;
    }

    /** What stands after a full stop of the form begins a sentence of its own. */
    private static function begun(string $value, bool $begins): string
    {
        return $begins ? SentenceCase::begun($value) : $value;
    }

    /**
     * @param  list<array{type: string, text: string, parts: list<mixed>}>  $parts
     * @param  array<string, string>  $values
     */
    private static function isFilled(array $parts, array $values): bool
    {
        foreach ($parts as $part) {
            /** @var list<array{type: string, text: string, parts: list<mixed>}> $inner */
            $inner = $part['parts'];
            if (($part['type'] === 'field' && trim($values[$part['text']] ?? '') === '')
                || ($part['type'] === 'italic' && ! self::isFilled($inner, $values))) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<array{type: string, text: string, parts: list<mixed>}>  $parts
     * @return list<string>
     */
    private static function named(array $parts): array
    {
        $names = [];
        foreach ($parts as $part) {
            /** @var list<array{type: string, text: string, parts: list<mixed>}> $inner */
            $inner = $part['parts'];
            array_push($names, ...$part['type'] === 'field' ? [$part['text']] : self::named($inner));
        }

        return $names;
    }

    /**
     * @param  list<array{type: string, text: string, parts: list<mixed>}>  $parts
     * @return list<array{field: string, text: string}>
     */
    private static function flat(array $parts): array
    {
        $flat = [];
        foreach ($parts as $part) {
            /** @var list<array{type: string, text: string, parts: list<mixed>}> $inner */
            $inner = $part['parts'];
            array_push($flat, ...match ($part['type']) {
                'text' => [['field' => '', 'text' => $part['text']]],
                'field' => [['field' => $part['text'], 'text' => '']],
                default => self::flat($inner),
            });
        }

        return $flat;
    }

    /**
     * Signs that meet where something was left out, and spaces at the ends, go; a form ends as a sentence does.
     *
     * @param  list<StyledWords>  $words
     * @return list<StyledWords>
     */
    private static function tidy(array $words): array
    {
        $tidy = [];
        foreach ($words as $part) {
            $last = $tidy === [] ? '' : $tidy[count($tidy) - 1]->text;
            $text = $tidy === [] ? (string) preg_replace('/^[\s,;:.]+/u', '', $part->text) : $part->text;
            // A sign that follows another had something between them that is empty.
            $text = preg_match('/[,;:(.]\s+$|[,;:(]$/u', $last) === 1 ? (string) preg_replace('/^[\s]*[,;:.][\s]*|^\s+/u', '', $text)
                : $text;
            $text = preg_match('/[.?!]$/u', $last) === 1 ? (string) preg_replace('/^[.,]/u', '', $text) : $text;
            if ($text === '') {
                continue;
            }
            if ($tidy !== [] && $tidy[count($tidy) - 1]->style === $part->style) {
                array_pop($tidy);
                $text = $last.$text;
            }
            $tidy[] = $part->style === 'italic' ? StyledWords::italic($text) : StyledWords::plain($text);
        }
        if ($tidy === []) {
            return [];
        }
        $end = array_pop($tidy);
        $text = (string) preg_replace('/[\s,;:]+$/u', '', $end->text);
        $tidy[] = $end->style === 'italic' ? StyledWords::italic($text) : StyledWords::plain($text);

        return preg_match('/[.?!]$/u', $text) === 1 ? $tidy : [...$tidy, StyledWords::plain('.')];
    }
}
