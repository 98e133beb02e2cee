<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Api\Get;
use App\Http\Resources\RecordKindList;
use App\Trees\Records\KindsOfRecord;
use Illuminate\Http\JsonResponse;

/** Kinds of record: those that ship and the tree's own. */
final readonly class RecordKindsController
{
    public function __construct(private KindsOfRecord $kinds)
    {
    }

    #[Get('/trees/{tree}/record-kinds', 'recordKinds', RecordKindList::class)]
    public function index(): JsonResponse
    {
        return response()->json(new RecordKindList(array_map(RecordKindPages::resource(...), $this->kinds->all())));
    }
}
