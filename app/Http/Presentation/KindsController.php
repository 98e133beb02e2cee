<?php

declare(strict_types=1);

namespace App\Http\Presentation;

use App\Http\Api\Get;
use App\Http\Presentation\Resources\PresentedList;
use Illuminate\Http\JsonResponse;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Report\Reports;

/** Which drawings and reports there are, and what can be chosen of each. */
final readonly class KindsController
{
    #[Get('/trees/{tree}/drawing-kinds', 'drawingKinds', PresentedList::class)]
    public function drawings(): JsonResponse
    {
        return response()->json(PresentedList::of(Drawings::kinds()));
    }

    #[Get('/trees/{tree}/report-kinds', 'reportKinds', PresentedList::class)]
    public function reports(): JsonResponse
    {
        return response()->json(PresentedList::of(Reports::kinds()));
    }
}
