<?php

declare(strict_types=1);

namespace App\Http\Api;

use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use stdClass;

/** How a list was asked to be sorted (`sort`, and `order` up or down), and from which row on (`after`). */
final readonly class Sorting
{
    /**
     * @param  string  $id  SQL of what tells rows of the same key apart
     * @param  array{string|int, string}|null  $after
     */
    private function __construct(private SortColumn $column, private bool $isDown, private string $id, private ?array $after)
    {
    }

    /** @param  non-empty-array<string, SortColumn>  $columns  by the words they are asked for by, the usual one first */
    public static function asked(Request $request, array $columns, string $id): self
    {
        $column = $columns[$request->string('sort')->toString()] ?? reset($columns);
        $cursor = $request->string('after')->toString();

        return new self($column, $request->string('order')->toString() === 'down', $id,
            $column->isWords ? Cursor::byWords($cursor) : Cursor::byNumber($cursor));
    }

    /** Whether it is the first page, with which the counts are told: counting many costs more than the page. */
    public function isFirst(): bool
    {
        return $this->after === null;
    }

    /** @return Collection<int, stdClass> the rows of one page, the key of each as `sort_key` and `sort_id` beside what is selected */
    public function page(Builder $rows, int $atOnce): Collection
    {
        [$key, $way, $sign] = $this->isDown ? [$this->column->down, 'DESC', '<'] : [$this->column->up, 'ASC', '>'];
        $rows->selectRaw("{$key} AS sort_key, {$this->id} AS sort_id")->orderByRaw("{$key} {$way}, {$this->id} {$way}")->limit($atOnce);
        if ($this->after !== null) {
            $rows->whereRaw("({$key}, {$this->id}) {$sign} (?, ?)", $this->after);
        }

        return $rows->get();
    }

    /**
     * @param  Collection<int, stdClass>  $rows  as page() gave them
     * @return string|null where the next page begins; null where there is none
     */
    public static function next(Collection $rows, int $atOnce): ?string
    {
        $last = $rows->last();

        return $last === null || $rows->count() < $atOnce ? null : Cursor::of($last->sort_key, $last->sort_id);
    }
}
