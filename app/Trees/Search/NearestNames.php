<?php

declare(strict_types=1);

namespace App\Trees\Search;

use App\Models\Media;
use App\Models\Place;
use App\Models\Source;
use App\Trees\Access\OpenRecords;
use Illuminate\Database\Eloquent\Builder;
use NorthBough\Core\Naming\SearchForm;

/** What comes nearest to words that nothing in a list answers to: by likeness of letters, the likest first. */
final readonly class NearestNames
{
    private const MOST = 5;

    /** How alike the likest words of a name must be; of 1. */
    private const ALIKE = 0.25;

    public function __construct(private OpenRecords $openness)
    {
    }

    /** @return array<string, string> names of sources, by id */
    public function sources(string $typed): array
    {
        /** @var array<string, string> */
        return self::likest(Source::query(), 'search', $typed)->get()
            ->mapWithKeys(static fn (Source $source): array => [$source->id => $source->list_name ?: $source->title])->all();
    }

    /** @return array<string, string> names of places, by id */
    public function places(string $typed): array
    {
        /** @var array<string, string> */
        return self::likest(Place::query(), 'search', $typed)->get()
            ->mapWithKeys(static fn (Place $place): array => [$place->id => $place->name])->all();
    }

    /** @return array<string, string> names of the pictures that whoever asks may see, by id */
    public function pictures(string $typed): array
    {
        $files = self::likest(Media::query(), "lower(title || ' ' || path)", $typed)->get();

        /** @var array<string, string> */
        return $this->openness->openPictures($files)->mapWithKeys(static fn (Media $file): array => [$file->id => $file->called()])->all();
    }

    /**
     * @template TModel of \Illuminate\Database\Eloquent\Model
     *
     * @param  Builder<TModel>  $rows
     * @param  literal-string  $column
     * @return Builder<TModel>
     */
    private static function likest(Builder $rows, string $column, string $typed): Builder
    {
        $search = SearchForm::of($typed);

        $rows->whereRaw("word_similarity(?, {$column}) >= ?", [$search, self::ALIKE])
            ->orderByRaw("word_similarity(?, {$column}) DESC, id", [$search])->limit(self::MOST);

        return $rows;
    }
}
