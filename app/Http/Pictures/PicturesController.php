<?php

declare(strict_types=1);

namespace App\Http\Pictures;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Drawings\Resources\SetPictureResource;
use App\Http\Exchange\UploadsController;
use App\Http\Pictures\Inputs\ImageInput;
use App\Http\Pictures\Inputs\ImageViewInput;
use App\Http\Pictures\Inputs\PictureInput;
use App\Http\Pictures\Inputs\TitleInput;
use App\Http\Pictures\Resources\PicturePage;
use App\Http\Pictures\Resources\PicturesPage;
use App\Http\Tree\TreesController;
use App\Jobs\MakePreviews;
use App\Models\Event;
use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Person;
use App\Models\Place;
use App\Models\Record;
use App\Models\Upload;
use App\Refusal;
use App\Trees\Access\OpenRecords;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Rolls;
use App\Trees\Pictures\CutPictures;
use App\Trees\Pictures\PictureFiles;
use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use NorthBough\Core\Tree\PictureCut;
use NorthBough\Core\Tree\Restriction;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Pictures on records: taken in, put there, taken away, looked at. */
final readonly class PicturesController
{
    /** Points that the longer side of a small picture has at least, where there are so many. */
    private const CUT_SIDE = 320;

    public function __construct(
        private CurrentTree $current,
        private ChangeSets $changes,
        private PictureFiles $files,
        private OpenRecords $openness,
    ) {
    }

    /** Puts an uploaded file on a record. The same file, here already, is put there without being kept twice. */
    #[Post('/trees/{tree}/records/{record}/images', 'addImage', CreatedResource::class, ImageInput::class)]
    public function store(Request $request, Rolls $rolls, string $tree, string $record): JsonResponse
    {
        $input = ImageInput::from($request);
        Record::query()->findOrFail($record);
        $linkId = '';
        $this->taken($request, $input->uploadId, function (Upload $upload) use ($record, $input, $rolls, &$linkId): Media {
            $row = Record::query()->findOrFail($record);
            $media = $this->files->take($upload->path(), $upload->name, $input->title ?? '');
            $there = MediaLink::query()->where('record_id', $row->id);
            if ((clone $there)->where('media_id', $media->id)->exists()) {
                throw new Refusal('This very file is on the record already, though it may have another name.', 409);
            }
            if ($rolls->isCommitted($row) && ! $row->look_again) {
                $row->fill(['look_again' => true])->save();
            }
            $linkId = MediaLink::query()
                ->create(['media_id' => $media->id, 'record_id' => $row->id, 'position' => 1 + (int) $there->max('position')])->id;

            return $media;
        });

        return response()->json(new CreatedResource($linkId));
    }

    #[Delete('/trees/{tree}/images/{image}', 'takeImageOff')]
    public function destroy(Request $request, string $tree, string $image): Response
    {
        $row = MediaLink::query()->findOrFail($image);
        $this->changes->run(new Intent(TreesController::user($request), 'Removed a picture'),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    /** Remembers where a picture was left. It changes no row that anybody authored. */
    #[Put('/trees/{tree}/images/{image}/view', 'leaveImage', null, ImageViewInput::class)]
    public function view(Request $request, string $tree, string $image): Response
    {
        $link = MediaLink::query()->findOrFail($image);
        DB::table('media_links')->where('tree_id', $link->tree_id)->where('id', $link->id)
            ->update(['view' => json_encode(ImageViewInput::from($request), JSON_THROW_ON_ERROR)]);

        return response()->noContent();
    }

    #[Get('/trees/{tree}/pictures', 'pictures', PicturesPage::class, query: ['q', 'after', 'untitled'])]
    public function index(Request $request, PicturePages $pages): JsonResponse
    {
        return response()
            ->json($pages->index($request->string('q')->toString(), $request->string('after')->toString(), $request->boolean('untitled')));
    }

    #[Get('/trees/{tree}/pictures/{media}', 'picture', PicturePage::class)]
    public function show(PicturePages $pages, string $tree, string $media): JsonResponse
    {
        return response()->json($pages->one($this->open($media)));
    }

    /** Takes a file in by itself, or onto somebody, a fact or a place. */
    #[Post('/trees/{tree}/pictures', 'addPicture', CreatedResource::class, PictureInput::class)]
    public function add(Request $request, string $tree): JsonResponse
    {
        $input = PictureInput::from($request);
        $media = $this->taken($request, $input->uploadId, function (Upload $upload) use ($input): Media {
            $media = $this->files->take($upload->path(), $upload->name, $input->title ?? '');
            foreach (self::targets($input) as $column => $id) {
                $there = MediaLink::query()->where($column, $id);
                if ((clone $there)->where('media_id', $media->id)->doesntExist()) {
                    MediaLink::query()
                        ->create(['media_id' => $media->id, $column => $id, 'position' => 1 + (int) $there->max('position'),
                            'entered_for' => $input->personId]);
                }
            }

            return $media;
        });

        return response()->json(new CreatedResource($media->id));
    }

    /** @return array<string, string> id by column of media_links */
    private static function targets(PictureInput $input): array
    {
        return array_filter([
            'person_id' => $input->personId === null ? null : Person::query()->findOrFail($input->personId)->id,
            'event_id' => $input->factId === null ? null : Event::query()->findOrFail($input->factId)->id,
            'place_id' => $input->placeId === null ? null : Place::query()->findOrFail($input->placeId)->id,
        ]);
    }

    #[Patch('/trees/{tree}/pictures/{media}', 'titlePicture', CreatedResource::class, TitleInput::class)]
    public function update(Request $request, string $tree, string $media): JsonResponse
    {
        $input = TitleInput::from($request);
        $changed = array_filter(
            ['title' => $input->title === null ? null : trim($input->title),
                'restriction' => $input->restriction === null ? null : Restriction::fromStandard($input->restriction)->words()],
            static fn (?string $value): bool => $value !== null);
        $summary = $input->title === null ? 'Restricted a picture' : "Called a picture {$input->title}";
        $this->changes->run(new Intent(TreesController::user($request), $summary), static function () use ($media, $input, $changed): void {
            $row = Media::query()->findOrFail($media);
            ChangedMeanwhile::unless($row, $input->version, $changed);
            $row->fill($changed)->save();
        });

        return response()->json(new CreatedResource($media));
    }

    /** @param  Closure(Upload): Media  $put  inside a change set */
    private function taken(Request $request, string $uploadId, Closure $put): Media
    {
        $upload = UploadsController::own($request, $uploadId);
        if ($upload->received !== $upload->size) {
            throw new Refusal('The file is not whole yet.', 409);
        }
        try {
            $media = $this->changes->run(new Intent(TreesController::user($request), "Added the picture {$upload->name}"),
                static fn (): Media => $put($upload));
        } finally {
            File::delete($upload->path());
            $upload->delete();
        }
        MakePreviews::ask($this->current->id(), $media->sha256, $media->type);

        return $media;
    }

    /** A tile never changes: its content is named by the file's. */
    public function tile(string $tree, string $media, int $page, int $level, int $x, int $y): StreamedResponse
    {
        $file = $this->open($media);
        $place = PictureFiles::tile($this->current->id(), $file->sha256, $page, $level, $x, $y);
        if (! Storage::exists($place)) {
            throw new Refusal(Refusal::NOT_HERE, 404);
        }

        return Storage::response($place, null, ['Content-Type' => 'image/webp', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    /**
     * A part of a page as a small picture: left, top, width and height in ten thousandths of the page.
     *
     * @throws Refusal where it cannot be looked at
     */
    public function cut(string $tree, string $media, int $page, string $cut): Response
    {
        $file = $this->open($media);
        [$left, $top, $width, $height] = array_map(static fn (string $part): float => min(1.0, (int) $part / SetPictureResource::PARTS),
            explode('-', $cut));
        $jpeg = CutPictures::jpeg($file, new PictureCut($file->id, $page, $left, $top, min($width, 1 - $left), min($height, 1 - $top)),
            self::CUT_SIDE);
        if ($jpeg === '') {
            throw new Refusal(Refusal::NOT_HERE, 404);
        }

        return new Response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    /** The original, as it came in. */
    public function original(string $tree, string $media): StreamedResponse
    {
        $file = $this->open($media);

        return Storage::download(PictureFiles::place($this->current->id(), $file->sha256), basename($file->path),
            ['Content-Type' => $file->type]);
    }

    private function open(string $media): Media
    {
        $file = Media::query()->findOrFail($media);
        if (! $this->openness->isPictureOpen($file)) {
            throw new Refusal('This picture may show living people, and the owner has not opened them to readers.', 403);
        }

        return $file;
    }
}
