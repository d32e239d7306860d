<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Rinkel\App\Buying\Promised;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Table\ColourWords;
use Rinkel\Core\Stock\Kind;

/**
 * What there is to see of the stock box: its rows, and the form of one thing.
 */
final readonly class StockView
{
    /** So many rows are shown at once; a maker looks for the others. */
    public const ROWS = 100;

    public function __construct(
        private StockBox $stock,
        private StockMovements $movements,
        private Promised $promised,
        private ColourWords $colours,
        private Preferences $preferences,
    ) {}

    /**
     * @param array<string, string> $typed of a thing of this kind
     * @param array<string, mixed>  $more  words that were looked for, faults by field, the stored thing, and what else
     *                                     there is to say
     *
     * @return array<string, mixed> by the names of the page
     */
    public function of(Kind $kind, array $typed, array $more = []): array
    {
        $more += [
            'words' => '', 'overview' => false, 'faults' => [], 'stored' => null, 'weighed' => [], 'tray' => null,
            'late' => false, 'changed' => false, 'gone' => false, 'twin' => null,
        ];
        $words = \is_string($more['words']) ? $more['words'] : '';
        [$rows, $found] = [[], []];
        foreach (true === $more['overview'] ? Kind::cases() : [$kind] as $one) {
            [$rows[$one->value], $found[$one->value]] = $this->stock->found(
                $one,
                $words,
                self::ROWS,
                $this->colours->hue($words),
            );
        }

        return $more + [
            'kind' => $kind,
            'rows' => $rows,
            'tape' => StockRow::tape($rows[Kind::Cord->value] ?? []),
            'found' => $found,
            'counts' => $this->stock->counts(),
            'low' => $this->stock->low(),
            'promised' => $this->promised->all(),
            'typed' => $typed,
            'taking' => $this->movements->lastTaking(),
            'unit' => $this->preferences->unit(),
        ];
    }
}
