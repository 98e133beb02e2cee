<?php

declare(strict_types=1);

namespace App\Http\Drawings;

use App\Http\Api\Get;
use App\Http\Drawings\Resources\SceneResource;
use App\Http\LivingInFull;
use App\Http\Presentation\Asked;
use App\Printing\Attachment;
use App\Printing\Pdf;
use App\Printing\PrintedDrawing;
use App\Trees\Access\LivingPeople;
use App\Trees\Exchange\PrivacyAwareExport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class DrawingsController
{
    public function __construct(private LivingPeople $living, private PrivacyAwareExport $export)
    {
    }

    /** Options of the kind are asked for by their names, as words. */
    #[Get('/trees/{tree}/drawings/{kind}/{subject}', 'drawing', SceneResource::class)]
    public function show(Request $request, string $tree, string $kind, string $subject): JsonResponse
    {
        return response()->json(SceneResource::of(
            DrawingMaker::make($this->living->seen(), $kind, $subject, Asked::options($request))));
    }

    public function file(Request $request, Pdf $pdf, string $tree, string $kind, string $subject, string $format): Response
    {
        $seen = $this->export->seen(LivingInFull::askedBy($request), 'Saved a drawing');
        $scene = DrawingMaker::make($seen, $kind, $subject, Asked::options($request));

        return Attachment::of(PrintedDrawing::of($scene, $format, $pdf), $scene->title, $format);
    }
}
