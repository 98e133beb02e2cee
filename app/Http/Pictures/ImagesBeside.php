<?php

declare(strict_types=1);

namespace App\Http\Pictures;

use App\Http\Pictures\Resources\ClaimImageStrip;
use App\Http\Pictures\Resources\ImageStrip;
use App\Http\Pictures\Resources\PictureHere;
use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Record;
use App\Trees\Access\OpenRecords;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What is looked at beside one thing: the pictures on it, and the strips of the pages that it was read from. */
final readonly class ImagesBeside
{
    private const MOST = 60;

    public function __construct(private CurrentTree $current, private OpenRecords $openness)
    {
    }

    /**
     * @param  string  $column  of media_links: person_id, event_id or place_id
     * @return list<PictureHere> those that whoever asks may see
     */
    public function of(string $column, string $id): array
    {
        $links = MediaLink::query()->where($column, $id)->orderByDesc('is_main')->orderBy('position')->orderBy('id')->limit(self::MOST)
            ->get();
        $media = $this->openness->openPictures(Media::query()->whereIn('id', $links->pluck('media_id'))->get())->keyBy('id');
        $previews = $this->previews($media->pluck('sha256'));
        $here = [];
        foreach ($links as $link) {
            $file = $media->get($link->media_id);
            if ($file !== null) {
                $preview = $previews->get($file->sha256);
                $here[] = new PictureHere($link->id, $file->id, $file->called(), $preview->state ?? 'waiting',
                    PicturePages::pages($preview->pages ?? PicturePages::NO_PAGES)[0] ?? null);
            }
        }

        return $here;
    }

    /** @return list<ClaimImageStrip> the strips of the lines that back a fact */
    public function strips(string $factId): array
    {
        return $this->cut('event_id', [$factId]);
    }

    /**
     * @param  list<string>  $claimIds
     * @return list<ClaimImageStrip>
     */
    public function stripsOfClaims(array $claimIds): array
    {
        return $this->cut('id', $claimIds);
    }

    /**
     * @param  list<string>  $ids
     * @return list<ClaimImageStrip>
     */
    private function cut(string $column, array $ids): array
    {
        $rows = DB::table('claims')
            ->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'claims.tree_id')
                ->on('roll_lines.id', 'claims.roll_line_id'))
            ->where('claims.tree_id', $this->current->id())->whereIn("claims.{$column}", $ids)->whereNotNull('roll_lines.slip')
            ->orderBy('claims.ordinal')->orderBy('claims.id')->get(['claims.id', 'claims.record_id', 'roll_lines.slip']);
        $open = Record::query()->whereIn('id', $rows->pluck('record_id'))->get()->filter($this->openness->isOpen(...))->keyBy('id');
        $cut = $rows->filter(static fn (stdClass $row): bool => $open->has($row->record_id))
            ->mapWithKeys(static fn (stdClass $row): array => [$row->id => json_decode($row->slip, true, flags: JSON_THROW_ON_ERROR)]);
        $links = MediaLink::query()->whereIn('id', $cut->pluck('image'))->get()->keyBy('id');
        $media = Media::query()->whereIn('id', $links->pluck('media_id'))->get()->keyBy('id');
        $previews = $this->previews($media->pluck('sha256'));
        $strips = [];
        foreach ($cut as $claim => $strip) {
            $link = $links->get($strip['image']);
            $file = $link === null ? null : $media->get($link->media_id);
            $page = $file === null ? null
                : PicturePages::pages($previews->get($file->sha256)->pages ?? PicturePages::NO_PAGES)[$strip['page']] ?? null;
            if ($link !== null && $file !== null && $page !== null) {
                $strips[] = new ClaimImageStrip($claim, $file->id, $page, ImageStrip::of($strip), PicturePages::view($link->view));
            }
        }

        return $strips;
    }

    /**
     * @param  Collection<int|string, string>  $hashes
     * @return Collection<string, stdClass> by hash
     */
    private function previews(Collection $hashes): Collection
    {
        return DB::table('previews')->where('tree_id', $this->current->id())->whereIn('sha256', $hashes)->get()->keyBy('sha256');
    }
}
