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
use App\Trees\Access\SeenTree;
use App\Trees\Exchange\PrivacyAwareExport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Drawing\Drawing;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Subject;

final readonly class DrawingsController
{
    public function __construct(private LivingPeople $living, private PrivacyAwareExport $export)
    {
    }

    /** Options of the kind are asked for by their names, as words. */
    #[Get('/trees/{tree}/drawings/{kind}/{subject}', 'drawing', SceneResource::class)]
    public function show(Request $request, string $tree, string $kind, string $subject): JsonResponse
    {
        $drawing = self::asked($request, $kind);

        return response()->json(SceneResource::of(self::scene($drawing, $this->living->seen(), $subject)));
    }

    public function file(Request $request, Pdf $pdf, string $tree, string $kind, string $subject, string $format): Response
    {
        $drawing = self::asked($request, $kind);
        $scene = self::scene($drawing, $this->export->seen(LivingInFull::askedBy($request), 'Saved a drawing'), $subject);

        return Attachment::of(PrintedDrawing::of($scene, $format, $pdf), $scene->title, $format);
    }

    private static function asked(Request $request, string $kind): Drawing
    {
        return Asked::answer(static fn (): Drawing => Drawings::named($kind, Asked::options($request)));
    }

    private static function scene(Drawing $drawing, SeenTree $seen, string $subject): Scene
    {
        return Asked::answer(static fn (): Scene => $drawing->draw($seen->view, Subject::read($drawing::subject(), $subject)));
    }
}
