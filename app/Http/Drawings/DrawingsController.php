<?php

declare(strict_types=1);

namespace App\Http\Drawings;

use App\Http\Api\Get;
use App\Http\Drawings\Resources\BoxResource;
use App\Http\Drawings\Resources\LineResource;
use App\Http\Drawings\Resources\SceneResource;
use App\Http\LivingInFull;
use App\Models\Person;
use App\Printing\Attachment;
use App\Printing\Pdf;
use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Exchange\PrivacyAwareExport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Drawing\Drawings;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Scene\Box;
use NorthBough\Core\Drawing\Scene\Line;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\UnknownDrawing;
use NorthBough\Core\Tree\TreeView;

final readonly class DrawingsController
{
    private const MOST_GENERATIONS = 12;

    public function __construct(private LivingPeople $living, private PrivacyAwareExport $export)
    {
    }

    #[Get('/trees/{tree}/drawings/{kind}/{person}', 'drawing', SceneResource::class, query: ['generations'])]
    public function show(Request $request, string $tree, string $kind, string $person): JsonResponse
    {
        $scene = $this->scene($this->living->forReader(), $request, $kind, $person);

        return response()->json(new SceneResource(
            $scene->title, $scene->width, $scene->height,
            array_map(static fn (Box $b): BoxResource => new BoxResource($b->personId, $b->number, $b->x, $b->y, $b->width, $b->height,
                $b->nameLines, $b->lines, $b->fullName,
                $b->rule, $b->mark, $b->more, $b->footing, $b->linesAtLeft), $scene->boxes),
            array_map(static fn (Line $l): LineResource => new LineResource(array_merge(...$l->points), $l->dotted, $l->fromId, $l->toId),
                $scene->lines),
        ));
    }

    public function file(Request $request, Pdf $pdf, string $tree, string $kind, string $person, string $format): Response
    {
        $scene = $this->scene($this->export->view(LivingInFull::askedBy($request), 'Saved a drawing'), $request, $kind, $person);
        $svg = Svg::render($scene);

        return Attachment::of($format === 'pdf' ? $pdf->fromSvg($svg) : $svg, $scene->title, $format);
    }

    private function scene(TreeView $view, Request $request, string $kind, string $person): Scene
    {
        try {
            $drawing = Drawings::named($kind);
        } catch (UnknownDrawing $problem) {
            throw new Refusal($problem->getMessage(), 404);
        }
        $generations = min(self::MOST_GENERATIONS, max(1, $request->integer('generations', 5)));

        return $drawing->lay($view, Person::query()->findOrFail($person)->id, $generations);
    }
}
