<?php

declare(strict_types=1);

namespace App\Http\Pictures;

use App\Http\Api\Cursor;
use App\Http\Pictures\Resources\ImageResource;
use App\Http\Pictures\Resources\ImageViewResource;
use App\Http\Pictures\Resources\PagePreview;
use App\Http\Pictures\Resources\PictureLine;
use App\Http\Pictures\Resources\PictureOn;
use App\Http\Pictures\Resources\PicturePage;
use App\Http\Pictures\Resources\PicturesPage;
use App\Http\Pictures\Resources\PortraitResource;
use App\Http\Pictures\Resources\RegionResource;
use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Record;
use App\Models\Region;
use App\Trees\Access\OpenRecords;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Tree\EventKinds;
use stdClass;

/** Pictures for the page. */
final readonly class PicturePages
{
    /** Where no preview was made yet. */
    public const NO_PAGES = '[]';

    private const AT_ONCE = 60;

    public function __construct(private CurrentTree $current, private OpenRecords $openness)
    {
    }

    /** @return list<ImageResource> */
    public function ofRecord(Record $record): array
    {
        $links = MediaLink::query()->where('record_id', $record->id)->orderBy('position')->orderBy('id')->get();
        $media = Media::query()->whereIn('id', $links->pluck('media_id'))->get()->keyBy('id');
        $previews = DB::table('previews')->where('tree_id', $this->current->id())->whereIn('sha256', $media->pluck('sha256'))->get()
            ->keyBy('sha256');

        return array_values($links->map(static function (MediaLink $link) use ($media, $previews): ImageResource {
            $file = $media[$link->media_id] ?? throw new \LogicException('A picture has no file.');

            return self::image($link, $file, $previews[$file->sha256] ?? null);
        })->all());
    }

    /** The face cut for somebody's portrait; null where there is none that can be looked at. */
    public static function portrait(string $personId, string $treeId): ?PortraitResource
    {
        $row = DB::table('media_links')
            ->join('media', static fn ($join) => $join->on('media.tree_id', 'media_links.tree_id')->on('media.id', 'media_links.media_id'))
            ->join('previews', static fn ($join) => $join->on('previews.tree_id', 'media.tree_id')->on('previews.sha256', 'media.sha256'))
            ->where('media_links.tree_id', $treeId)->where('media_links.person_id', $personId)->where('media_links.is_main', true)
            ->where('previews.state', 'ready')
            ->first(['media.id', 'media_links.view', 'previews.pages']);
        $cut = $row === null || $row->view === null ? null : json_decode($row->view, true, flags: JSON_THROW_ON_ERROR);
        $size = $row === null || $cut === null ? null : json_decode($row->pages, true, flags: JSON_THROW_ON_ERROR)[$cut['page']] ?? null;

        return $row === null || $cut === null || $size === null ? null
            : new PortraitResource($row->id, $cut['page'], $cut['left'], $cut['top'], $cut['width'], $cut['height'],
                new PagePreview($size['width'], $size['height'], $size['levels']));
    }

    public function index(string $typed, string $after, bool $isUntitled): PicturesPage
    {
        $query = Media::query();
        foreach (array_filter(explode(' ', $typed)) as $word) {
            $query->whereRaw("(title || ' ' || path) ILIKE ?", ['%'.addcslashes($word, '%_\\').'%']);
        }
        if ($isUntitled) {
            $query->where('title', '');
        }
        $shown = (clone $query)->count();
        $key = Cursor::byWords($after);
        if ($key !== null) {
            $query->whereRaw('(path, id) > (?, ?)', $key);
        }
        $fetched = $query->orderBy('path')->orderBy('id')->limit(self::AT_ONCE)->get();
        $files = $this->openness->openPictures($fetched)->values();
        $previews = DB::table('previews')->where('tree_id', $this->current->id())->whereIn('sha256', $files->pluck('sha256'))->get()
            ->keyBy('sha256');
        $on = $this->on(array_values($files->pluck('id')->all()));
        $last = $fetched->count() === self::AT_ONCE ? $fetched->last() : null;

        return new PicturesPage(array_values($files->map(static fn (Media $file): PictureLine => new PictureLine(
            $file->id, $file->title, $file->path, $file->type, $file->bytes, $previews[$file->sha256]->state ?? 'waiting',
            self::pages($previews[$file->sha256]->pages ?? self::NO_PAGES),
            array_map(static fn (PictureOn $pictureOn): string => $pictureOn->says, $on[$file->id] ?? []),
        ))->all()), $last === null ? null : Cursor::of($last->path, $last->id), $shown, Media::query()->count());
    }

    public function one(Media $file): PicturePage
    {
        $preview = DB::table('previews')->where('tree_id', $this->current->id())->where('sha256', $file->sha256)->first();
        $regions = Region::query()->where('media_id', $file->id)->orderBy('page')->orderBy('left')->orderBy('id')->get();
        $names = DB::table('person_lines')->where('tree_id', $this->current->id())
            ->whereIn('person_id', $regions->pluck('person_id')->filter())->pluck('shown_name', 'person_id');
        $portraits = MediaLink::query()->where('media_id', $file->id)->where('is_main', true)->pluck('person_id')->flip();

        return new PicturePage($file->id, $file->version, $file->title, $file->restriction, $file->path, $file->type, $file->bytes,
            $preview->state ?? 'waiting', $preview->problem ?? '', self::pages($preview->pages ?? self::NO_PAGES),
            array_values($regions->map(
                static fn (Region $region): RegionResource => new RegionResource($region->id, $region->page, (float) $region->left,
                    (float) $region->top, (float) $region->width,
                    (float) $region->height,
                    $region->person_id ?? '', $names[$region->person_id ?? ''] ?? '', $region->words,
                    isset($portraits[$region->person_id ?? ''])))->all()),
            $this->on([$file->id])[$file->id] ?? []);
    }

    /**
     * @param  list<string>  $mediaIds
     * @return array<string, list<PictureOn>> what each is on
     */
    private function on(array $mediaIds): array
    {
        $rows = DB::table('media_links')
            ->leftJoin('records', static fn ($join) => $join->on('records.tree_id', 'media_links.tree_id')
                ->on('records.id', 'media_links.record_id'))
            ->leftJoin('sources', static fn ($join) => $join->on('sources.tree_id', 'records.tree_id')
                ->on('sources.id', 'records.source_id'))
            ->leftJoin('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'media_links.tree_id')
                ->on('person_lines.person_id', 'media_links.person_id'))
            ->leftJoin('events', static fn ($join) => $join->on('events.tree_id', 'media_links.tree_id')
                ->on('events.id', 'media_links.event_id'))
            ->leftJoin('places', static fn ($join) => $join->on('places.tree_id', 'media_links.tree_id')
                ->on('places.id', 'media_links.place_id'))
            ->where('media_links.tree_id', $this->current->id())->whereIn('media_links.media_id', $mediaIds)
            ->orderBy('media_links.position')->orderBy('media_links.id')
            ->get(['media_links.id', 'media_links.media_id', 'media_links.person_id', 'media_links.record_id', 'media_links.place_id',
                'sources.title', 'records.locator', 'person_lines.shown_name',
                'places.name as place', 'events.kind', 'events.date_shown', 'events.person_id as whose']);
        $on = [];
        foreach ($rows as $row) {
            $on[$row->media_id][] = match (true) {
                $row->record_id !== null => new PictureOn($row->id, trim("{$row->title}, {$row->locator}", ', '),
                    "records/table/{$row->record_id}"),
                $row->person_id !== null => new PictureOn($row->id, $row->shown_name ?? '?', "people/{$row->person_id}"),
                $row->place_id !== null => new PictureOn($row->id, $row->place ?? '?', "places/{$row->place_id}"),
                $row->kind !== null => new PictureOn($row->id, trim(EventKinds::named($row->kind)->word." {$row->date_shown}"),
                    $row->whose === null ? '' : "people/{$row->whose}"),
                default => new PictureOn($row->id, 'something else', ''),
            };
        }

        return $on;
    }

    /**
     * @param  string  $kept  as previews keep their pages
     * @return list<PagePreview>
     */
    public static function pages(string $kept): array
    {
        /** @var list<array{width: int, height: int, levels: int}> $pages */
        $pages = json_decode($kept, true, flags: JSON_THROW_ON_ERROR);

        return array_map(static fn (array $page): PagePreview => new PagePreview($page['width'], $page['height'], $page['levels']), $pages);
    }

    private static function image(MediaLink $link, Media $file, ?stdClass $preview): ImageResource
    {
        return new ImageResource(
            $link->id, $file->id, $file->called(), $file->type, $preview->state ?? 'waiting', $preview->problem ?? '',
            self::pages($preview->pages ?? self::NO_PAGES),
            self::view($link->view),
        );
    }

    /** @param  array<string, mixed>|null  $kept */
    public static function view(?array $kept): ?ImageViewResource
    {
        return $kept === null || ! isset($kept['zoom']) ? null : new ImageViewResource(
            (int) $kept['page'], (float) $kept['x'], (float) $kept['y'], (float) $kept['zoom'], (int) $kept['turn'],
            (bool) $kept['inverted'], (float) $kept['contrast'], (float) $kept['brightness'],
            (int) ($kept['headsPage'] ?? 0), (float) ($kept['headsTop'] ?? 0), (float) ($kept['headsHeight'] ?? 0));
    }
}
