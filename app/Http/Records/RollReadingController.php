<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Api\Post;
use App\Http\Inputs\ReadLinesInput;
use App\Http\Inputs\RollLineInput;
use App\Http\Resources\LinesRead;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Record\WrittenMarks;

/** What lines of a roll say once their dittos and marks of doubt are read. It changes nothing. */
final readonly class RollReadingController
{
    #[Post('/trees/{tree}/reading/lines', 'readLines', LinesRead::class, ReadLinesInput::class)]
    public function lines(Request $request): JsonResponse
    {
        $input = ReadLinesInput::from($request);
        $lines = array_map(static fn (array $sent): RollLine => new RollLine($sent['id'], $sent['name'], $sent['role'], $sent['columns']), RollLineInput::lines($input->lines));

        return response()->json(LinesRead::of(WrittenMarks::settleAll(array_slice($lines, $input->from), $input->from > 0 ? $lines[0] ?? null : null)));
    }
}
