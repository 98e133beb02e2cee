<?php

declare(strict_types=1);

namespace App\Http\Drawings;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Drawings\Inputs\DrawnByHandInput;
use App\Http\Drawings\Resources\SceneResource;
use App\Http\LivingInFull;
use App\Http\Presentation\Asked;
use App\Printing\Attachment;
use App\Printing\PrintedDrawing;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\SeenTree;
use App\Trees\Exchange\PrivacyAwareExport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Drawing\Drawing;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Handwork\StoredHandwork;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Subject;

final readonly class DrawingsController
{
    public function __construct(private LivingPeople $living, private PrivacyAwareExport $export, private LivingInDrawing $livingIn)
    {
    }

    /** Options of the kind are asked for by their names, as words. */
    #[Get('/trees/{tree}/drawings/{kind}/{subjects}', 'drawing', SceneResource::class)]
    public function show(Request $request, string $tree, string $kind, string $subjects): JsonResponse
    {
        $drawing = self::asked($request, $kind);

        return $this->told(self::scene($drawing, $this->living->seen(), $subjects, Handwork::none()));
    }

    /** The same with what the hand did to it, which is not kept. */
    #[Post('/trees/{tree}/reading/drawing/{kind}/{subjects}', 'drawByHand', SceneResource::class, DrawnByHandInput::class)]
    public function byHand(Request $request, string $tree, string $kind, string $subjects): JsonResponse
    {
        $drawing = self::asked($request, $kind);
        $handwork = StoredHandwork::read(DrawnByHandInput::from($request)->handwork, static fn (string $id): string => $id);

        return $this->told(self::scene($drawing, $this->living->seen(), $subjects, $handwork));
    }

    public function file(Request $request, PrintedDrawing $printed, string $tree, string $kind, string $subjects, string $format): Response
    {
        $drawing = self::asked($request, $kind);
        $seen = $this->export->seen(LivingInFull::askedBy($request), 'Saved a drawing');
        $scene = self::scene($drawing, $seen, $subjects, Handwork::none());
        $paper = PrintedDrawing::paper($request->string('paper')->toString());

        return Attachment::of($printed->of($scene, $seen, $format, $paper), $scene->title, $format);
    }

    private function told(Scene $scene): JsonResponse
    {
        return response()->json(SceneResource::of($scene, $this->livingIn->drawing($scene)));
    }

    private static function asked(Request $request, string $kind): Drawing
    {
        return Asked::answer(static fn (): Drawing => Drawings::named($kind, Asked::options($request)));
    }

    private static function scene(Drawing $drawing, SeenTree $seen, string $subjects, Handwork $handwork): Scene
    {
        return Asked::answer(static fn (): Scene => Drawings::drawn($drawing, $seen->view, Subject::read($drawing::subject(), $subjects),
            $handwork));
    }
}
