<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Rinkel\App\Buying\Promised;
use Rinkel\App\Cutting\SheetTaker;
use Rinkel\App\Kept\Bin;
use Rinkel\App\Platform\Http\RequestData;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\ItemReader;
use Rinkel\App\Stock\KeptStock;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\StoredItem;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\App\Table\ColourWords;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Tray;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Stock\Kind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Stock page: what is in the box, by kind.
 */
final class StockController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    /** What a new thing of a kind begins with. */
    private const BLANK = [
        'cord' => ['fibre' => 'polyester', 'thickness' => '1 mm', 'colour' => '#2e4a62'],
        'bead' => ['shape' => 'round', 'diameter' => '6 mm', 'colour' => '#8fb3a8', 'material' => 'glass'],
        'finding' => ['kind' => 'clasp', 'form' => 'coin'],
        'glue' => ['cure' => '24 h'],
    ];

    /** So many rows are shown at once; a maker looks for the others. */
    private const ROWS = 100;

    public function __construct(
        private readonly StockBox $stock,
        private readonly StockMovements $movements,
        private readonly SheetTaker $taker,
        private readonly ItemReader $reader,
        private readonly Preferences $preferences,
        private readonly Bin $bin,
        private readonly KeptStock $kept,
        private readonly Promised $promised,
        private readonly ColourWords $colours,
    ) {}

    #[Route('/stock', 'stock', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = RequestData::query($request);
        $stored = $this->stock->find($asked->id('edit'));
        $kind = $stored?->kind() ?? Kind::tryFrom($asked->raw('kind')) ?? Kind::Cord;
        $typed = self::blank($kind);
        foreach (null === $stored ? [] : array_keys($typed) as $field) {
            $typed[$field] = \in_array($field, ItemReader::LISTS, true)
                ? implode(', ', array_map($this->legible(...), $stored?->texts($field) ?? []))
                : $stored?->text($field) ?? '';
        }

        return $this->page(
            $kind,
            $typed,
            [],
            $stored,
            $asked->text('q', 100),
            $asked->has('late'),
            isOverview: null === $stored && !$asked->has('kind'),
        );
    }

    #[Route('/stock', 'stock_keep', methods: 'POST')]
    public function keep(Request $request): Response
    {
        $sent = RequestData::form($request);
        $stored = $this->stock->find($sent->id('id'));
        $kind = $stored?->kind() ?? Kind::tryFrom($sent->raw('kind')) ?? Kind::Cord;
        $typed = self::typed($kind, $sent->within('c'));
        if (null === $stored && '' !== $sent->raw('id')) {
            return $this->page($kind, $typed, [], null, isGone: true);
        }
        try {
            if ($sent->has('weigh')) {
                return $this->weighed($kind, $typed, $stored, $sent->within('w'));
            }
            $told = $this->reader->read($kind, self::document($typed), 'new', $this->preferences->unit());
            $key = $told->item->materialKey();
            $twin = null === $stored && Kind::Glue !== $kind && !$sent->has('twice')
                ? $this->stock->like([$key])[$key] ?? null : null;
            if (null !== $twin) {
                return $this->page($kind, $typed, [], null, twin: $twin);
            }
            null === $stored
                ? $this->stock->keep(null, $kind, $told->document)
                : $this->stock->change($stored, $told->document, $sent->raw('was'));

            return $this->redirectToRoute('stock', ['kind' => $kind->value], Response::HTTP_SEE_OTHER);
        } catch (TakenMeanwhile) {
            return $this->page($kind, $typed, [], $this->stock->find($sent->id('id')), isChanged: true);
        } catch (PieceUnreadable $unreadable) {
            $faults = [];
            foreach ($unreadable->faults as $fault) {
                $faults[explode('.', $fault->path)[0]][] = $fault;
            }

            return $this->page($kind, $typed, $faults, $stored);
        }
    }

    #[Route('/stock/{id}/delete', 'stock_delete', requirements: self::ID, methods: 'POST')]
    public function delete(int $id): Response
    {
        $stored = $this->stock->find($id) ?? throw $this->createNotFoundException();
        $removal = $this->bin->put($this->kept, $stored);

        return $this->redirectToRoute(
            'stock',
            ['kind' => $stored->kind()->value, 'removed' => $removal->uid],
            Response::HTTP_SEE_OTHER,
        );
    }

    #[Route('/stock/stock.json', 'stock_export', methods: 'GET')]
    public function export(): Response
    {
        return Streamed::json('rinkel-stock.json', $this->stock->listed());
    }

    #[Route('/stock/undo/{id}', 'stock_undo', requirements: self::ID, methods: 'POST')]
    public function undo(int $id): Response
    {
        try {
            $this->taker->back($this->movements->find($id) ?? throw new TakenMeanwhile());

            return $this->redirectToRoute('stock', [], Response::HTTP_SEE_OTHER);
        } catch (TakenMeanwhile) {
            return $this->redirectToRoute('stock_takings', ['late' => $id], Response::HTTP_SEE_OTHER);
        }
    }

    #[Route('/stock/takings', 'stock_takings', methods: 'GET')]
    public function takings(Request $request): Response
    {
        return $this->render('stock/takings.html.twig', [
            'takings' => $this->movements->takings(),
            'days' => StockMovements::DAYS,
            'late' => RequestData::query($request)->has('late') ? RequestData::query($request)->id('late') : null,
        ]);
    }

    /**
     * Answers with what is in stock for a material of a piece: buttons of the Piece page.
     */
    #[Route('/stock/offer/{of}/{name}', 'stock_offer', requirements: ['of' => 'cords|beads|findings'], methods: 'GET')]
    public function offer(string $of, string $name): Response
    {
        return $this->render('stock/_offer.html.twig', [
            'of' => $of,
            'name' => $name,
            'unit' => $this->preferences->unit(),
            'rows' => array_filter(
                $this->stock->found(Kind::ofAll($of), '', self::ROWS)[0],
                static fn (StockRow $row): bool => null !== $row->item,
            ),
        ]);
    }

    /**
     * Answers with the form as it was typed, and in it how many beads the scale told of.
     *
     * @param array<string, string> $typed
     */
    private function weighed(Kind $kind, array $typed, ?StoredItem $stored, RequestData $sent): Response
    {
        $weighed = [];
        foreach (['counted', 'some', 'all'] as $field) {
            $weighed[$field] = $sent->text($field, 20);
        }
        $gram = static fn (string $text): float => (float) str_replace(',', '.', $text);
        try {
            $tray = Tray::weighed((int) $weighed['counted'], $gram($weighed['some']), $gram($weighed['all']));

            return $this->page(
                $kind,
                ['count' => (string) $tray->count] + $typed,
                [],
                $stored,
                weighed: $weighed,
                tray: $tray,
            );
        } catch (Failure $failure) {
            return $this->page(
                $kind,
                $typed,
                ['weighed' => [new Fault('weighed', $failure->said())]],
                $stored,
                weighed: $weighed,
            );
        }
    }

    /**
     * Returns a length as its maker writes it where that says the same: a spool that was cut from is kept in mm.
     */
    private function legible(string $text): string
    {
        if (1 !== preg_match('/^\d+(?:\.\d+)? mm$/D', $text)) {
            return $text;
        }
        $length = Length::exact($text);
        $imperial = $this->preferences->unit()->isImperial();
        $metric = [Unit::Metre, Unit::Centimetre];
        foreach ($imperial ? [Unit::Yard, Unit::Inch, ...$metric] : $metric as $unit) {
            $said = rtrim(rtrim(\sprintf('%.4F', $length->in($unit)), '0'), '.').' '.$unit->value;
            $isLong = $length->in($unit) >= 1.0;
            if ($isLong && abs(Length::parse($said, $unit)->millimetres - $length->millimetres) < 1e-9) {
                return $said;
            }
        }

        return $text;
    }

    /**
     * @return array<string, string>
     */
    private static function blank(Kind $kind): array
    {
        return array_merge(array_fill_keys(ItemReader::fields($kind), ''), self::BLANK[$kind->value]);
    }

    /**
     * @return array<string, string>
     */
    private static function typed(Kind $kind, RequestData $sent): array
    {
        $typed = array_fill_keys(ItemReader::fields($kind), '');
        foreach (array_keys($typed) as $field) {
            $list = \in_array($field, ItemReader::LISTS, true) ? implode(', ', $sent->list($field)) : '';
            $typed[$field] = '' === $list ? $sent->text($field) : RequestData::of([$field => $list])->text($field);
        }

        return $typed;
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, string|list<string>>
     */
    private static function document(array $typed): array
    {
        $document = $typed;
        foreach (array_intersect(ItemReader::LISTS, array_keys($typed)) as $of) {
            $document[$of] = ItemReader::listed($typed[$of]);
        }

        return $document;
    }

    /**
     * @param array<string, string>                $typed
     * @param array<string, non-empty-list<Fault>> $faults    by field
     * @param array<string, string>                $weighed
     * @param bool                                 $isChanged whether what was typed is of a thing that is another now
     */
    private function page(
        Kind $kind,
        array $typed,
        array $faults,
        ?StoredItem $stored,
        string $words = '',
        bool $late = false,
        array $weighed = [],
        ?Tray $tray = null,
        bool $isChanged = false,
        bool $isGone = false,
        ?StockRow $twin = null,
        bool $isOverview = false,
    ): Response {
        [$rows, $found] = [[], []];
        foreach ($isOverview ? Kind::cases() : [$kind] as $one) {
            [$rows[$one->value], $found[$one->value]] = $this->stock->found(
                $one,
                $words,
                self::ROWS,
                $this->colours->hue($words),
            );
        }

        return $this->render('stock/stock.html.twig', [
            'kind' => $kind,
            'rows' => $rows,
            'overview' => $isOverview,
            'tape' => StockRow::tape($rows[Kind::Cord->value] ?? []),
            'found' => $found,
            'counts' => $this->stock->counts(),
            'low' => $this->stock->low(),
            'promised' => $this->promised->all(),
            'words' => $words,
            'typed' => $typed,
            'faults' => $faults,
            'stored' => $stored,
            'weighed' => $weighed,
            'tray' => $tray,
            'taking' => $this->movements->lastTaking(),
            'late' => $late,
            'changed' => $isChanged,
            'gone' => $isGone,
            'twin' => $twin,
            'unit' => $this->preferences->unit(),
        ], new Response(status: match (true) {
            $isChanged, $isGone, null !== $twin => Response::HTTP_CONFLICT,
            [] !== $faults => Response::HTTP_UNPROCESSABLE_ENTITY,
            default => Response::HTTP_OK,
        }));
    }
}
