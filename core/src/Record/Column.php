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
    private function __construct(
        public string $code,
        public string $label,
        public ColumnMeaning $meaning,
        public int $width,
        public string $hint,
    ) {
    }

    public static function of(string $code, string $label, ColumnMeaning $meaning, int $width = 10, string $hint = ''): self
    {
        return new self($code, $label, $meaning, $width, $hint);
    }

    /**
     * @param  array<mixed>  $values  code, label, meaning, width, hint
     *
     * @throws KindProblem
     */
    public static function fromArray(array $values): self
    {
        $meaning = ColumnMeaning::tryFrom(self::text($values, 'meaning'))
            ?? throw KindProblem::because('a column has a meaning that there is not: “'.self::text($values, 'meaning').'”');
        $label = self::text($values, 'label');
        $code = self::text($values, 'code') ?: trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($label)), '-');
        if ($label === '' || preg_match('/^[a-z0-9-]{1,40}$/', $code) !== 1) {
            throw KindProblem::because('a column has no label');
        }
        $width = is_int($values['width'] ?? null) ? $values['width'] : 10;

        return new self($code, $label, $meaning, max(3, min(60, $width)), self::text($values, 'hint'));
    }

    /** @return array{code: string, label: string, meaning: string, width: int, hint: string} */
    public function toArray(): array
    {
        return ['code' => $this->code, 'label' => $this->label, 'meaning' => $this->meaning->value, 'width' => $this->width,
            'hint' => $this->hint];
    }

    /** @param  array<mixed>  $values */
    private static function text(array $values, string $field): string
    {
        return is_string($values[$field] ?? null) ? trim($values[$field]) : '';
    }
}
