<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Api\Post;
use App\Http\Records\Inputs\RollLineInput;
use App\Http\Records\Inputs\TranscriptionInput;
use App\Http\Records\Resources\TranscribedLines;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\TranscriptionMarks;

/** What lines of a roll say once their dittos and marks of doubt are read. It changes nothing. */
final readonly class TranscriptionController
{
    #[Post('/trees/{tree}/reading/lines', 'readLines', TranscribedLines::class, TranscriptionInput::class)]
    public function lines(Request $request): JsonResponse
    {
        $input = TranscriptionInput::from($request);
        $lines = array_map(static fn (array $sent): RollLine => new RollLine($sent['id'], $sent['name'], $sent['role'], $sent['columns']),
            RollLineInput::lines($input->lines));

        return response()
            ->json(TranscribedLines::of(
                TranscriptionMarks::settleAll(array_slice($lines, $input->from), $input->from > 0 ? $lines[0] ?? null : null)));
    }
}
