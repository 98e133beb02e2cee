<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Models\Repository;
use App\Models\Source;
use App\Trees\Kinds\TreeSourceKinds;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Tree\CitedSource;

/** Sources of the current tree that are much like one that is being described. */
final readonly class SimilarSources
{
    /** How alike the words must be; of 1. */
    private const ALIKE = 0.45;

    /** The same of the title alone. */
    private const ALIKE_TITLE = 0.6;

    private const MOST = 3;

    private const LEAST_LETTERS = 8;

    public function __construct(private TreeSourceKinds $kinds)
    {
    }

    /**
     * @param  array<string, string>  $values  by field
     * @param  string  $title  what they say to the title
     * @param  string|null  $except  id of the source itself
     * @return list<array{string, list<StyledWords>}> id and bibliography entry, the likest first
     */
    public function to(array $values, string $title, ?string $except): array
    {
        $search = SearchForm::of(implode(' ', array_diff_key($values, ['locator' => 0])));
        if (mb_strlen($search) < self::LEAST_LETTERS) {
            return [];
        }
        $like = Source::query()
            ->whereRaw('(similarity(search, ?) > ? OR similarity(lower(title), lower(?)) > ?)',
                [$search, self::ALIKE, $title, self::ALIKE_TITLE]);
        if ($except !== null) {
            $like->where('id', '!=', $except);
        }
        $like->orderByRaw('similarity(search, ?) DESC, id', [$search]);
        $sources = $like->limit(self::MOST)->get();
        $repositories = Repository::query()->whereIn('id', $sources->pluck('repository_id')->filter())->pluck('name', 'id');

        return array_values($sources->map(function (Source $source) use ($repositories): array {
            $repository = (string) ($repositories[$source->repository_id] ?? '');
            $forms = $this->kinds->forms($source->kind, $source->source_kind_id, $source->fields, $repository);

            return [$source->id,
                NoteForms::bibliography(
                    new CitedSource($source->id, $source->title, $source->author, $source->publication, $repository, $forms))];
        })->all());
    }
}
