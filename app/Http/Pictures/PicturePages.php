<?php

declare(strict_types=1);

namespace App\Http\Pictures;

use App\Http\Resources\ImageResource;
use App\Http\Resources\PagePreview;
use App\Http\Resources\ViewResource;
use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Record;
use App\Trees\CurrentTree;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Pictures for the page. */
final readonly class PicturePages
{
    public function __construct(private CurrentTree $current)
    {
    }

    /** @return list<ImageResource> */
    public function ofRecord(Record $record): array
    {
        $links = MediaLink::query()->where('record_id', $record->id)->orderBy('position')->orderBy('id')->get();
        $media = Media::query()->whereIn('id', $links->pluck('media_id'))->get()->keyBy('id');
        $previews = DB::table('previews')->where('tree_id', $this->current->id())->whereIn('sha256', $media->pluck('sha256'))->get()->keyBy('sha256');

        return array_values($links->map(static function (MediaLink $link) use ($media, $previews): ImageResource {
            $file = $media[$link->media_id] ?? throw new \LogicException('A picture has no file.');

            return self::image($link, $file, $previews[$file->sha256] ?? null);
        })->all());
    }

    private static function image(MediaLink $link, Media $file, ?stdClass $preview): ImageResource
    {
        /** @var list<array{width: int, height: int, levels: int}> $pages */
        $pages = $preview === null ? [] : json_decode($preview->pages, true, flags: JSON_THROW_ON_ERROR);
        $view = $link->view;

        return new ImageResource(
            $link->id, $file->id, $file->title !== '' ? $file->title : basename($file->path), $file->type, $preview->state ?? 'waiting', $preview->problem ?? '',
            array_map(static fn (array $page): PagePreview => new PagePreview($page['width'], $page['height'], $page['levels']), $pages),
            $view === null ? null : new ViewResource((int) $view['page'], (float) $view['x'], (float) $view['y'], (float) $view['zoom'], (int) $view['turn'], (bool) $view['inverted'], (float) $view['contrast'], (float) $view['brightness']),
        );
    }
}
