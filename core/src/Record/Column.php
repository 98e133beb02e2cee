<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/** A column of a roll, or a field of a record's head: how it is headed, and what it tells. */
final readonly class Column
{
    /**
     * @param  string  $code  in letters, digits and hyphens; values are kept by it
     * @param  int  $width  in hundredths of the roll's width beside the name
     */
    private function __construct(public string $code, public string $label, public ColumnMeaning $meaning, public int $width, public string $hint)
    {
    }

    public static function of(string $code, string $label, ColumnMeaning $meaning, int $width = 10, string $hint = ''): self
    {
        return new self($code, $label, $meaning, $width, $hint);
    }

    /**
     * @param  array<mixed>  $said  code, label, meaning, width, hint
     *
     * @throws KindProblem
     */
    public static function fromArray(array $said): self
    {
        $meaning = ColumnMeaning::tryFrom(self::text($said, 'meaning')) ?? throw KindProblem::because('a column has a meaning that there is not: “'.self::text($said, 'meaning').'”');
        $label = self::text($said, 'label');
        $code = self::text($said, 'code') ?: trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($label)), '-');
        if ($label === '' || preg_match('/^[a-z0-9-]{1,40}$/', $code) !== 1) {
            throw KindProblem::because('a column has no label');
        }
        $width = is_int($said['width'] ?? null) ? $said['width'] : 10;

        return new self($code, $label, $meaning, max(3, min(60, $width)), self::text($said, 'hint'));
    }

    /** @return array{code: string, label: string, meaning: string, width: int, hint: string} */
    public function toArray(): array
    {
        return ['code' => $this->code, 'label' => $this->label, 'meaning' => $this->meaning->value, 'width' => $this->width, 'hint' => $this->hint];
    }

    /** @param  array<mixed>  $said */
    private static function text(array $said, string $field): string
    {
        return is_string($said[$field] ?? null) ? trim($said[$field]) : '';
    }
}
