<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Http\Api\Get;
use App\Http\LivingInFull;
use App\Http\People\Resources\NamedPerson;
use App\Http\Presentation\Asked;
use App\Http\Reports\Resources\ReportResource;
use App\Http\Reports\Resources\UnionLine;
use App\Http\Reports\Resources\UnionList;
use App\Printing\Attachment;
use App\Printing\PrintedDrawing;
use App\Printing\PrintedReport;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\SeenTree;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Scope\CurrentTree;
use App\Trees\Search\PeopleSearch;
use App\Trees\Search\SearchWords;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Drawing\Render\Paper;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Render\Html;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\Reports;

final readonly class ReportsController
{
    private const AT_ONCE = 40;

    private const AT_A_TIME = 10000;

    /** Parts of a document that the page shows; a file has all of them. */
    private const PREVIEWED = 600;

    /** How many people a misspelt name may have meant. */
    private const NEAR = 8;

    public function __construct(
        private LivingPeople $living,
        private PrivacyAwareExport $export,
        private CurrentTree $current,
        private ReportMaker $maker,
    ) {
    }

    #[Get('/trees/{tree}/reports/{kind}/{reported}', 'report', ReportResource::class)]
    public function show(Request $request, PrintedReport $printed, string $tree, string $kind, string $reported): JsonResponse
    {
        $report = self::asked($request, $kind);
        $seen = $this->living->seen();
        $document = $this->document($report, $seen, $reported, self::PREVIEWED);

        $shown = $document->beginning(self::PREVIEWED);
        $people = $this->living->isShielding() ? []
            : $this->living->forReader()->lives($this->livingAmong($document->personIds()));

        return response()->json(new ReportResource($document->title, (new Html(people: "/t/{$tree}/people/",
            pictures: $printed->pictures($seen)))->body($shown),
            PrintedReport::formatsOf($document), $shown->left,
            array_map(NamedPerson::of(...), array_values($people))));
    }

    /**
     * @param  list<string>  $personIds  of a report however long
     * @return list<string>
     */
    private function livingAmong(array $personIds): array
    {
        return array_merge([], ...array_map($this->living->among(...), array_chunk($personIds, self::AT_A_TIME)));
    }

    public function file(Request $request, PrintedReport $printed, string $tree, string $kind, string $reported, string $format): Response
    {
        $report = self::asked($request, $kind);
        $seen = $this->export->seen(LivingInFull::askedBy($request), 'Saved a report');
        $document = $this->document($report, $seen, $reported);

        return Attachment::of($printed->of($document, $seen, $format, PrintedDrawing::paper($request->string('paper')
            ->toString()) ?? Paper::A4),
            $document->title, $format);
    }

    private static function asked(Request $request, string $kind): Report
    {
        return Asked::answer(static fn (): Report => Reports::named($kind, Asked::options($request)));
    }

    private function document(Report $report, SeenTree $seen, string $subject, int $most = PHP_INT_MAX): Document
    {
        return Asked::answer(fn (): Document => $this->maker->make($report, $seen, Subject::read($report::subject(), $subject), $most));
    }

    /** Couples to choose from, by the names of either; where nobody is called so, those of whoever comes nearest. */
    #[Get('/trees/{tree}/unions', 'unions', UnionList::class, query: ['q'])]
    public function unions(Request $request, PeopleSearch $search): JsonResponse
    {
        $typed = $request->string('q')->trim()->toString();
        $ids = self::firstUnions($this->couplesCalled($typed));
        $isNearest = $ids === [] && $typed !== '';
        if ($isNearest) {
            $near = array_column($search->nearest($typed, self::NEAR), 'personId');
            $ids = self::firstUnions($this->couples()->whereIn('counted_partners.person_id', $near));
        }
        $unions = $this->living->forReader()->unions($ids);
        $people = $this->living->forReader()->people(array_merge([], ...array_column($unions, 'partnerIds')));
        $lines = [];
        foreach ($ids as $id) {
            $names = array_map(static fn (string $p): string => $people[$p]->name()->shown(), $unions[$id]->partnerIds);
            $lines[] = new UnionLine($id, implode(' and ', $names), $unions[$id]->marriage()->date->shown ?? '');
        }

        return response()->json(new UnionList($lines, $isNearest));
    }

    private function couplesCalled(string $typed): Builder
    {
        $couples = $this->couples();
        foreach (SearchWords::of($typed) as $word) {
            $couples->where('person_lines.search', 'like', "%{$word}%");
        }

        return $couples;
    }

    private function couples(): Builder
    {
        return $this->living->visible(DB::table('counted_partners')
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'counted_partners.tree_id')
                ->on('person_lines.person_id', 'counted_partners.person_id'))
            ->where('counted_partners.tree_id', $this->current->id()));
    }

    /** @return list<string> */
    private static function firstUnions(Builder $couples): array
    {
        return array_values($couples->orderBy('person_lines.sort_name')->limit(self::AT_ONCE)->pluck('counted_partners.union_id')->unique()
            ->all());
    }
}
