<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\LivingInFull;
use App\Models\Placing;
use App\Models\Record;
use App\Models\Repository;
use App\Models\Source;
use App\Printing\Attachment;
use App\Printing\Pdf;
use App\Printing\PrintStyle;
use App\Trees\Access\LivingPeople;
use App\Trees\Access\OpenRecords;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Kinds\TreeSourceKinds;
use App\Trees\Records\StoredRoll;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\RecordTranscript;
use NorthBough\Core\Report\Render\Html;
use NorthBough\Core\Tree\CitedSource;

/** A record on paper: a transcript with its roll. */
final readonly class TranscriptsController
{
    public function __construct(
        private OpenRecords $openness,
        private StoredRoll $rolls,
        private TreeSourceKinds $kinds,
        private LivingPeople $living,
        private PrivacyAwareExport $export,
    ) {
    }

    public function file(Request $request, Pdf $pdf, string $tree, string $record, string $format): Response
    {
        $row = Record::query()->findOrFail($record);
        $this->openness->refuseClosed($row);
        $document = $this->document($request, $row);

        return Attachment::of($format === 'pdf' ? $pdf->fromHtml(Html::page($document, PrintStyle::paper()))
            : Html::page($document, PrintStyle::screen()), $document->title, $format);
    }

    private function document(Request $request, Record $record): Document
    {
        $view = $this->export->view(LivingInFull::askedBy($request), 'Printed a record');
        $isKept = $request->string('living')->toString() === 'keep';
        $hide = $isKept ? static fn (string $text): string => $text : $this->living->names()->hide(...);
        $source = Source::query()->findOrFail($record->source_id);
        $repository = (string) Repository::query()->where('id', $source->repository_id)->value('name');
        $forms = $this->kinds->forms($source->kind, $source->source_kind_id,
            array_map($hide, TreeSourceKinds::ofRecord($record->fields ?? []) + $source->fields), $hide($repository));
        $cited = new CitedSource($source->id, $hide($source->title), $hide($source->author), $hide($source->publication),
            $hide($repository), $forms);
        $roll = $this->rolls->roll($record);
        $lines = array_map(
            static fn (RollLine $line): RollLine => new RollLine($line->id, $hide($line->name), $line->role,
                array_map($hide, $line->columns)), $roll->lines);
        $placings = $this->rolls->placings($record);
        $people = $view->lives(array_values($placings->pluck('person_id')->filter()->map(strval(...))->all()));
        $placed = $placings->map(static fn (Placing $placing): string => $placing->state === 'set aside'
            ? rtrim('set aside: '.$hide($placing->reason), ': ')
            : (isset($people[$placing->person_id ?? ''])
                ? trim($people[$placing->person_id]->name()->shown().', '.LifeYears::shown($people[$placing->person_id]), ', ')
                : 'somebody living'))->all();

        return RecordTranscript::build($cited, $hide($record->locator),
            new Roll($roll->kind, $roll->date, $hide($roll->place), $lines, $roll->convention),
            array_map($hide, $record->fields), $placed, $hide($record->transcription), Carbon::now()->format('j M Y'));
    }
}
