<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Rinkel\App\Buying\Lists;
use Rinkel\App\Buying\Promised;
use Rinkel\App\Buying\Shopping;
use Rinkel\App\Cutting\Choosing;
use Rinkel\App\Cutting\Chosen;
use Rinkel\App\Cutting\SheetTaker;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Platform\Files\Tables;
use Rinkel\App\Platform\Http\RequestData;
use Rinkel\App\Price\Costing;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\Glues;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\App\Stock\Ticks;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Material\Strain;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Need;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What is done for some pieces before the first knot: cut, buy, and know what it costs.
 */
#[Route('/cut')]
final class CutController extends AbstractController
{
    /** So many cuts are worked out before the page is shown: they take less than a second. */
    private const AT_ONCE = 60;

    public function __construct(
        private readonly StockBox $stock,
        private readonly StockMovements $movements,
        private readonly Glues $glues,
        private readonly Choosing $choosing,
        private readonly Shopping $shopping,
        private readonly Promised $promised,
        private readonly Costing $costing,
        private readonly Ticks $ticks,
        private readonly SheetTaker $taker,
        private readonly Makings $makings,
        private readonly Preferences $preferences,
    ) {}

    /**
     * Answers with the sheet; where it is large it comes cord by cord, so that one sees how far it is.
     */
    #[Route('', 'cut', methods: 'GET')]
    public function cut(Request $request): Response
    {
        $chosen = $this->choosing->of($request->query);
        if ($chosen->cuts() <= self::AT_ONCE || isset($request->query->all()['whole'])) {
            return $this->sheet($chosen, false);
        }

        return $this->page('stock/cut.html.twig', $chosen, [
            'cords' => $chosen->cords(),
            'needs' => $chosen->needs(),
            'mark' => $this->stock->mark(),
            'late' => false,
        ] + $this->told($chosen));
    }

    #[Route('/cord', 'cut_cord', methods: 'GET')]
    public function cord(Request $request): Response
    {
        $chosen = $this->choosing->of($request->query);
        $cord = RequestData::query($request)->raw('cord');
        $cutting = $chosen->cutting($this->stock->cords([$cord]), $cord);

        return $this->render('stock/_sheets.html.twig', [
            'cutting' => $cutting,
            'made' => $this->ticks->made($cutting),
            'unit' => $this->preferences->unit(),
        ] + $this->told($chosen));
    }

    #[Route('/take', 'cut_take', methods: 'POST')]
    public function take(Request $request): Response
    {
        $chosen = $this->choosing->of($request->request);
        try {
            $sent = RequestData::form($request);
            $makings = $this->taker->take(
                $chosen,
                $this->cutting($chosen),
                $sent->list('need'),
                '' === $sent->raw('ticked'),
                $sent->raw('mark'),
            );

            return $this->taken($makings, $chosen);
        } catch (TakenMeanwhile) {
            return $this->sheet($chosen, true);
        }
    }

    /**
     * Leads on to what was cut: the thing, its order, or the stock where it is of several.
     *
     * @param list<StoredMaking> $makings
     */
    private function taken(array $makings, Chosen $chosen): Response
    {
        $orders = array_values(array_unique(array_map(
            static fn (StoredMaking $one): int => $one->order()?->id() ?? 0,
            $makings,
        )));

        return match (true) {
            [] === $makings => $this->redirectToRoute('cut', $chosen->query() + ['none' => 1], Response::HTTP_SEE_OTHER),
            1 === \count($orders) && 0 !== $orders[0] => $this->redirectToRoute(
                'order',
                ['id' => $orders[0], 'taken' => 1],
                Response::HTTP_SEE_OTHER,
            ),
            1 === \count($makings) => $this->redirectToRoute(
                'making',
                ['id' => $makings[0]->id(), 'taken' => 1],
                Response::HTTP_SEE_OTHER,
            ),
            default => $this->redirectToRoute('stock', ['taken' => 1], Response::HTTP_SEE_OTHER),
        };
    }

    #[Route('/tick', 'cut_tick', methods: 'POST')]
    public function tick(Request $request): Response
    {
        $cut = RequestData::form($request)->like('cut', '/^[0-9a-f]{32}$/D');
        if ('' === $cut) {
            return new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $this->ticks->set($cut, RequestData::form($request)->has('made'));

        return new Response(status: Response::HTTP_NO_CONTENT);
    }

    /**
     * Answers with all cuts that are ticked, for every device that shows a sheet.
     */
    #[Route('/ticks', 'cut_ticks', methods: 'GET')]
    public function ticks(): Response
    {
        return $this->json($this->ticks->all());
    }

    #[Route('/buy', 'buy', methods: 'GET')]
    public function buy(Request $request): Response
    {
        return $this->toBuy($this->choosing->of($request->query), false);
    }

    #[Route('/bought', 'bought', methods: 'POST')]
    public function bought(Request $request): Response
    {
        $chosen = $this->choosing->of($request->request);
        $got = RequestData::form($request)->list('got');
        $list = $this->shopping->list($chosen, $this->cutting($chosen));
        $bought = [];
        foreach (array_merge(...array_values($list)) as $one) {
            if (\in_array($one->what->materialKey(), $got, true)) {
                // Cord comes in its spools, each by itself.
                $packs = $one->packs;
                $each = null !== $packs && $packs->each instanceof Length ? array_fill(0, $packs->count, $packs->each) : [];
                foreach ([] === $each ? [$one->bought()] : $each as $much) {
                    $bought[] = [$one->what, $much, $one->letters];
                }
            }
        }
        try {
            if ([] !== $bought) {
                $this->movements->receive($bought, $chosen->names(), RequestData::form($request)->raw('mark'));
            }
        } catch (TakenMeanwhile) {
            return $this->toBuy($chosen, true);
        }

        return $this->redirectToRoute('buy', $chosen->query(), Response::HTTP_SEE_OTHER);
    }

    #[Route('/price', 'price', methods: 'GET')]
    public function price(Request $request): Response
    {
        $chosen = $this->choosing->of($request->query);

        $cost = $this->costing->of($chosen, $this->cutting($chosen));
        $asked = RequestData::query($request)->text('ask', 12);
        $price = 1 === preg_match(
            '/^\d{1,7}([.,]\d{1,4})?$/D',
            $asked,
        ) ? BigDecimal::of(str_replace(',', '.', $asked)) : $cost->total();

        return $this->page('stock/price.html.twig', $chosen, [
            'cost' => $cost,
            'ask' => $price,
            'most' => $cost->total()->multipliedBy(3)->toScale(0, RoundingMode::Ceiling),
            'earns' => $cost->hourly($price),
            'each' => array_map(fn (array $one): array => [
                $one[1]->draft->piece->name,
                $one[2],
                $this->costing->of(new Chosen([[$one[0], $one[1], 1, null]]), Cutting::of([], [])),
            ], $chosen->kinds()),
        ]);
    }

    #[Route('/cuts.csv', 'cut_csv', methods: 'GET')]
    public function cutList(Request $request, Lists $lists): Response
    {
        return self::table($lists->cuts($this->cutting($this->choosing->of($request->query))), 'cuts');
    }

    #[Route('/buy.csv', 'buy_csv', methods: 'GET')]
    public function buyList(Request $request, Lists $lists): Response
    {
        $chosen = $this->choosing->of($request->query);

        return self::table($lists->buys($this->shopping->list($chosen, $this->cutting($chosen))), 'buy');
    }

    /**
     * @param list<list<string>> $rows
     */
    private static function table(array $rows, string $name): Response
    {
        return new Response(Tables::csv($rows), headers: [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="rinkel-'.$name.'.csv"',
        ]);
    }

    private function toBuy(Chosen $chosen, bool $isLate): Response
    {
        $list = $this->shopping->list($chosen, $this->cutting($chosen));

        return $this->page('stock/buy.html.twig', $chosen, [
            'list' => $list,
            'sum' => Shopping::sum(array_merge(...array_values($list))),
            'glues' => array_values(array_filter(
                $chosen->strains(),
                fn (Strain $strain): bool => [] === $this->glues->bearing($strain),
            )),
            'asked' => $this->makings->asked(),
            'promised' => $this->promised->all($chosen),
            'low' => $this->stock->low(),
            'mark' => $this->stock->mark(),
            'late' => $isLate,
        ], $isLate ? Response::HTTP_CONFLICT : Response::HTTP_OK);
    }

    private function sheet(Chosen $chosen, bool $isLate): Response
    {
        $cutting = $this->cutting($chosen);

        return $this->page('stock/cut.html.twig', $chosen, [
            'cords' => [],
            'cutting' => $cutting,
            'needs' => $chosen->needs(),
            'made' => $this->ticks->made($cutting),
            'mark' => $this->stock->mark(),
            'late' => $isLate,
        ] + $this->told($chosen), $isLate ? Response::HTTP_CONFLICT : Response::HTTP_OK);
    }

    /**
     * @return array{rows: array<string, StockRow>, glues: list<array{Strain, list<StockRow>}>} what the stock says of
     *                                                                                          all that the pieces are
     *                                                                                          made of, and which glues
     *                                                                                          bear what is glued
     */
    private function told(Chosen $chosen): array
    {
        $glues = array_map(fn (Strain $strain): array => [$strain, $this->glues->bearing($strain)], $chosen->strains());

        return ['glues' => $glues, 'rows' => $this->stock->like([
            ...array_map(static fn (Need $need): string => $need->what->materialKey(), $chosen->needs()),
            ...array_keys($chosen->cords()),
        ])];
    }

    private function cutting(Chosen $chosen): Cutting
    {
        return $chosen->cutting($this->stock->cords($chosen->likenesses()));
    }

    /**
     * @param array<string, mixed> $more
     */
    private function page(string $template, Chosen $chosen, array $more, int $status = Response::HTTP_OK): Response
    {
        return $this->render($template, $more + [
            'chosen' => $chosen,
            'chosen_query' => $chosen->query(),
            'offered' => $this->choosing->offered(),
            'unit' => $this->preferences->unit(),
        ], new Response(status: $status));
    }
}
