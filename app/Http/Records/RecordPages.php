<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\People\FactResources;
use App\Http\Pictures\PicturePages;
use App\Http\Pictures\Resources\ImageStrip;
use App\Http\Records\Resources\DraftResource;
use App\Http\Records\Resources\RecordResource;
use App\Http\Records\Resources\RollLineResource;
use App\Http\Records\Resources\SourceFieldResource;
use App\Models\Placing;
use App\Models\Record;
use App\Models\RollLine;
use App\Models\Source;
use App\Models\User;
use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Kinds\TreeSourceKinds;
use App\Trees\Records\StoredRoll;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DateExplanation;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Tree\CitedSource;

/** One record for the reading table. */
final readonly class RecordPages
{
    public function __construct(
        private CurrentTree $current,
        private StoredRoll $rolls,
        private TreeRecordKinds $kinds,
        private PicturePages $pictures,
        private TreeSourceKinds $sourceKinds,
    ) {
    }

    public function one(Record $record, User $user): RecordResource
    {
        $source = Source::query()->findOrFail($record->source_id);
        $cited = new CitedSource($source->id, $source->title, $source->author, $source->publication, '',
            $this->sourceKinds->forms($source->kind, $source->source_kind_id,
                TreeSourceKinds::ofRecord($record->fields ?? []) + $source->fields, ''));
        $rows = $this->rolls->rows($record);
        $placings = $this->rolls->placings($record);
        $names = DB::table('person_lines')->where('tree_id', $this->current->id())
            ->whereIn('person_id', $placings->pluck('person_id')->filter())->pluck('shown_name', 'person_id');

        return new RecordResource(
            $record->id, $record->version, $source->id, $source->title, FactResources::words(NoteForms::short($cited, $record->locator)),
            RecordKindPages::resource($this->kinds->of($record)), $record->locator, $record->date->typed,
            DateExplanation::line($record->date), $record->place_typed ?? '',
            (object) ($record->fields ?? []), $record->transcription ?? '', $record->file_number ?? '', $record->told_count,
            $record->source_class ?? 'unstated', $record->look_again ?? false,
            array_values($rows->map(static fn (RollLine $row): RollLineResource => self::line($row, $placings->get($row->id), $names))
                ->all()),
            $this->pictures->ofRecord($record), $this->draft($record, $user), $rows->count() - $placings->count(),
            array_map(SourceFieldResource::of(...), $this->sourceKinds->of($source->kind, $source->source_kind_id)?->ofRecord() ?? []),
        );
    }

    /** @param  Collection<string, string>  $names */
    private static function line(RollLine $row, ?Placing $placing, Collection $names): RollLineResource
    {
        $strip = $row->slip;

        return new RollLineResource(
            $row->id, $row->role, $row->name_typed, (object) $row->columns,
            $strip === null ? null : ImageStrip::of($strip),
            match ($placing?->state) {
                null => 'unplaced',
                'set aside' => 'aside',
                default => $placing->state,
            },
            $placing->person_id ?? '', $names[$placing->person_id ?? ''] ?? '', $placing->reason ?? '',
        );
    }

    private function draft(Record $record, User $user): ?DraftResource
    {
        $row = DB::table('roll_drafts')->where('tree_id', $record->tree_id)->where('record_id', $record->id)->first();

        return $row === null ? null : new DraftResource((int) $row->seq, (int) $row->of_version, (string) $row->saved_at,
            (string) (User::query()->whereKey($row->user_id)->value('name') ?? 'somebody'), $row->user_id === $user->id,
            (string) $row->roll);
    }
}
