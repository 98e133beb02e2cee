<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/**
 * One line of a roll, as written. Beside a value stands what belongs to its reading: under `code~` the ditto that the
 * page has in its place, under `code?` the other readings of a doubtful word, parted by a stroke, or `?` for one that is
 * doubtful without another.
 */
final readonly class RollLine
{
    public const NAME = 'name';

    /**
     * @param  string  $name  as written; empty for somebody called into the roll who is not read from the page yet
     * @param  string  $role  code of a role, where somebody said it; else it is read from the column that tells it
     * @param  array<string, string>  $columns  as written, by code of the column
     */
    public function __construct(public string $id, public string $name, public string $role = '', public array $columns = [])
    {
    }

    /** @return list<string> codes whose reading is marked doubtful; `name` for the name */
    public function doubtful(): array
    {
        $codes = [];
        foreach ($this->columns as $code => $others) {
            if (str_ends_with((string) $code, '?') && trim($others) !== '') {
                $codes[] = substr((string) $code, 0, -1);
            }
        }

        return $codes;
    }

    /** @return list<string> what a doubtful word may read besides; none where nobody has another reading */
    public function others(string $code): array
    {
        $others = array_map(trim(...), explode('/', $this->columns["{$code}?"] ?? ''));

        return array_values(array_filter($others, static fn (string $reading): bool => $reading !== '' && $reading !== '?'));
    }

    /** The same line with one word read otherwise. */
    public function reading(string $code, string $value): self
    {
        return $code === self::NAME
            ? new self($this->id, $value, $this->role, $this->columns)
            : new self($this->id, $this->name, $this->role, [$code => $value] + $this->columns);
    }
}
