<?php

declare(strict_types=1);

namespace App\Trees\Joins\Things;

use App\Models\Note;
use App\Models\TreeModel;
use App\Refusal;

/** A kind of what can stand in a tree twice and be joined, beside people. */
abstract class Joinable
{
    /** What it is called, in addresses and in words. */
    abstract public static function code(): string;

    /** @return class-string<TreeModel> */
    abstract public static function model(): string;

    /** The column of a join that names what stays. */
    abstract public static function keptColumn(): string;

    /** @return array<string, string> columns of words, by what each is called: the first names it */
    abstract public static function columns(): array;

    /** The column by which two are likely one: what is the same in it. */
    abstract public static function alikeBy(): string;

    /** @return array<string, string> what is told of it, by what each is called */
    public function told(TreeModel $row): array
    {
        return array_filter(array_map(static fn (string $column): string => trim((string) $row->getAttribute($column)), static::columns()),
            static fn (string $words): bool => $words !== '');
    }

    public function shown(TreeModel $row): string
    {
        return array_values($this->told($row))[0] ?? 'without a name';
    }

    /** @throws Refusal where the two cannot be one, saying why */
    public function refuse(TreeModel $kept, TreeModel $gone): void
    {
    }

    /** @return array<string, int> how much hangs on it by way of something else, by the word for one */
    public function weighs(TreeModel $row): array
    {
        return [];
    }

    /** @return list<string> sentences that whoever joins them should know */
    public function remarks(TreeModel $kept, TreeModel $gone): array
    {
        return [];
    }

    /** Gives to what stays what it does not tell itself. */
    public function complete(TreeModel $kept, TreeModel $gone): void
    {
        foreach (static::columns() as $column) {
            trim((string) $kept->getAttribute($column)) === '' && $kept->setAttribute($column, $gone->getAttribute($column));
        }
    }

    /**
     * Keeps what is told otherwise of the one that goes: no word is lost. Called inside an open change set, once everything
     * that hung on it has gone over.
     *
     * @param  array<string, string>  $otherwise  words by what each is called
     */
    public function keepOtherwise(TreeModel $kept, TreeModel $gone, array $otherwise): void
    {
        if ($otherwise !== []) {
            $lines = array_map(static fn (string $label, string $words): string => "{$label}: {$words}", array_keys($otherwise),
                $otherwise);
            Note::query()->create([static::noteColumn() => $kept->id, 'is_research' => true,
                'text' => 'What was joined to this said otherwise: '.implode('; ', $lines)]);
        }
    }

    /** Reads again what hangs on how each of the two writes its dates. */
    public function readAgain(TreeModel $kept): void
    {
    }

    protected static function noteColumn(): string
    {
        return static::code().'_id';
    }
}
