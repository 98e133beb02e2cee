<?php

declare(strict_types=1);

namespace App\Http\Api;

use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
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

    /**
     * @template Row
     *
     * @param  Closure(array<string, mixed>): Row  $read  a row out of its columns
     * @return SortedPage<Row>
     */
    public function page(Builder $rows, int $atOnce, Closure $read): SortedPage
    {
        [$key, $way, $sign] = $this->isDown ? [$this->column->down, 'DESC', '<'] : [$this->column->up, 'ASC', '>'];
        $rows->selectRaw("{$key} AS sort_key, {$this->id} AS sort_id")->orderByRaw("{$key} {$way}, {$this->id} {$way}")->limit($atOnce);
        if ($this->after !== null) {
            $rows->whereRaw("({$key}, {$this->id}) {$sign} (?, ?)", $this->after);
        }
        $found = $rows->get();
        $last = $found->last();

        return new SortedPage(array_values($found->map(static fn (stdClass $row): mixed => $read((array) $row))->all()),
            $last === null || $found->count() < $atOnce ? null : Cursor::of($last->sort_key, $last->sort_id));
    }
}
