<?php

declare(strict_types=1);

namespace App\Http\Exchange;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Exchange\Inputs\UploadInput;
use App\Http\Exchange\Resources\UploadResource;
use App\Http\Tree\TreesController;
use App\Models\Upload;
use App\Refusal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;

/** Files come in pieces, so that a large one survives a broken line: ask how much is there, go on from that byte. */
final class UploadsController
{
    #[Post('/uploads', 'beginUpload', UploadResource::class, UploadInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = UploadInput::from($request);
        $largest = (int) config('northbough.upload.largest_bytes');
        if ($input->size > $largest) {
            throw new Refusal('The file is larger than '.intdiv($largest, 1024 ** 3).' GB, the most that can come in.');
        }
        $upload = Upload::query()
            ->create(['user_id' => TreesController::user($request)->id, 'name' => basename($input->name), 'size' => $input->size,
                'received' => 0]);
        File::ensureDirectoryExists(dirname($upload->path()));
        File::put($upload->path(), '');

        return $this->resource($upload);
    }

    #[Get('/uploads/{upload}', 'upload', UploadResource::class)]
    public function show(Request $request, string $upload): JsonResponse
    {
        return $this->resource(self::own($request, $upload));
    }

    /** Takes the piece that begins at the byte named. A piece that was taken already is not taken twice. */
    public function piece(Request $request, string $upload): JsonResponse
    {
        $row = self::own($request, $upload);
        $piece = $request->getContent();
        $offset = $request->integer('offset');
        if ($offset !== $row->received || strlen($piece) > config('northbough.upload.piece_bytes')
            || $row->received + strlen($piece) > $row->size) {
            throw new Refusal("The next piece begins at byte {$row->received}.", 409, ['received' => $row->received]);
        }
        if ($request->header('X-Piece-Sha256') !== hash('sha256', $piece)) {
            throw new Refusal('The piece was damaged on its way. Send it again.', 422, ['received' => $row->received]);
        }
        file_put_contents($row->path(), $piece, FILE_APPEND | LOCK_EX);
        $row->update(['received' => $row->received + strlen($piece)]);

        return $this->resource($row);
    }

    public static function own(Request $request, string $upload): Upload
    {
        return Upload::query()->where('user_id', TreesController::user($request)->id)->findOrFail($upload);
    }

    private function resource(Upload $upload): JsonResponse
    {
        return response()->json(new UploadResource($upload->id, $upload->received, (int) config('northbough.upload.piece_bytes')));
    }
}
