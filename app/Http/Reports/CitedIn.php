<?php

declare(strict_types=1);

namespace App\Http\Reports;

use App\Models\Record;
use App\Models\Source;
use App\Trees\Access\SeenTree;
use App\Trees\Kinds\TreeSourceKinds;
use NorthBough\Core\Tree\CitedSource;

/** The source of a record as reports cite it, by the forms of its kind. */
final readonly class CitedIn
{
    public function __construct(private TreeSourceKinds $kinds)
    {
    }

    public function source(Record $record, Source $source, string $repository, SeenTree $seen): CitedSource
    {
        $hide = $seen->text(...);
        $forms = $this->kinds->forms($source->kind, $source->source_kind_id,
            array_map($hide, TreeSourceKinds::ofRecord($record->fields) + $source->fields), $hide($repository));

        return new CitedSource($source->id, $hide($source->title), $hide($source->author), $hide($source->publication),
            $hide($repository), $forms);
    }
}
