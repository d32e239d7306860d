<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Rinkel\App\Cutting\SheetTaker;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\ItemReader;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Stock\Kind;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The stock box, searched, exported, and what went out of it and in.
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

    public function __construct(
        private readonly StockBox $stock,
        private readonly StockMovements $movements,
        private readonly Preferences $preferences,
        private readonly StockView $view,
    ) {}

    #[Route('/stock', 'stock', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = LooseData::query($request);
        $stored = $this->stock->find($asked->id('edit'));
        $kind = $stored?->kind() ?? Kind::tryFrom($asked->raw('kind')) ?? Kind::Cord;
        $typed = self::blank($kind);
        foreach (null === $stored ? [] : array_keys($typed) as $field) {
            $typed[$field] = \in_array($field, ItemReader::LISTS, true)
                ? implode(', ', array_map($this->legible(...), $stored?->texts($field) ?? []))
                : $stored?->text($field) ?? '';
        }

        return $this->render('stock/stock.html.twig', $this->view->of($kind, $typed, [
            'stored' => $stored,
            'words' => $asked->text('q', 100),
            'late' => $asked->has('late'),
            'overview' => null === $stored && !$asked->has('kind'),
        ]));
    }

    #[Route('/stock/stock.json', 'stock_export', methods: 'GET')]
    public function export(): Response
    {
        return Streamed::json('rinkel-stock.json', $this->stock->listed());
    }

    #[Route('/stock/undo/{id}', 'stock_undo', requirements: self::ID, methods: 'POST')]
    public function undo(int $id, SheetTaker $taker): Response
    {
        try {
            $taker->back($this->movements->find($id) ?? throw new TakenMeanwhile());

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
            'late' => LooseData::query($request)->has('late') ? LooseData::query($request)->id('late') : null,
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
                $this->stock->found(Kind::ofAll($of), '', StockView::ROWS)[0],
                static fn (StockRow $row): bool => null !== $row->item,
            ),
        ]);
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
}
