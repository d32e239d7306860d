<?php

declare(strict_types=1);

namespace Rinkel\App\Examples;

use Rinkel\App\Kept\Bin;
use Rinkel\App\Kept\Rows;
use Rinkel\App\Knots\OwnKnots;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Samples\KeptSamples;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\Core\Piece\KnotReader;
use Rinkel\Core\Stock\Counted;
use Rinkel\Core\Stock\Kind;

/**
 * The samples and the stock box of the examples.
 */
final readonly class ExampleBox
{
    /** A sample that was deleted again. */
    private const MISCOUNTED = [
        'knot' => 'square',
        'count' => 20,
        'cord' => ['fibre' => 'polyester', 'thickness' => '1 mm'],
        'core' => ['count' => 2, 'thickness' => '1 mm'],
        'length' => '81 mm',
        'note' => 'Counted half the knots',
    ];

    /** Of these all but two were bought last. */
    private const LATE = 'Horn button';

    private const BEFORE = 2;

    public function __construct(
        private Samples $samples,
        private Bin $bin,
        private KeptSamples $kept,
        private StockBox $stock,
        private StockMovements $movements,
        private OwnKnots $knots,
        private KnotReader $reader,
    ) {}

    public function knots(LooseData $read): void
    {
        foreach ($read->rows('rows') as $row) {
            $knot = $this->reader->read($row->array('knot'));
            if (null === $this->knots->stored($knot->word())) {
                $this->knots->keep($knot, $row->raw('note'));
            }
        }
    }

    public function samples(LooseData $read): void
    {
        foreach (array_filter($read->array('samples'), is_array(...)) as $sample) {
            $this->samples->add(Rows::named($sample));
        }
        $this->bin->put($this->kept, $this->samples->add(self::MISCOUNTED));
    }

    public function stock(LooseData $read): void
    {
        foreach (Kind::cases() as $kind) {
            foreach (array_filter($read->array($kind->all()), is_array(...)) as $thing) {
                $this->put($kind, $thing);
            }
        }
    }

    /**
     * @param array<mixed> $thing
     */
    private function put(Kind $kind, array $thing): void
    {
        $row = LooseData::of($thing);
        $isLate = self::LATE === $row->raw('name') && $row->has('count');
        $stored = $this->stock->keep(null, $kind, ($isLate ? ['count' => self::BEFORE] : []) + $thing);
        $item = $this->stock->item($stored->id());
        if ($isLate && $item instanceof Counted) {
            $this->movements->receive(
                [[$item->what, $row->whole('count') - self::BEFORE, []]],
                'Lagoon, rows side by side',
            );
        }
    }
}
