<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Rinkel\App\Buying\Lists;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Cutting\SheetTaker;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\Glues;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\App\Stock\Ticks;
use Rinkel\Core\Material\Strain;
use Rinkel\Core\Plan\Need;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What is cut for some pieces, and from what.
 */
#[Route('/cut')]
final class CutController extends AbstractController
{
    /** So many cuts are worked out before the page is shown: they take less than a second. */
    private const AT_ONCE = 60;

    public function __construct(
        private readonly StockBox $stock,
        private readonly Glues $glues,
        private readonly ChosenPiecesReader $choosing,
        private readonly Ticks $ticks,
        private readonly SheetTaker $taker,
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

        return $this->render('stock/cut.html.twig', [
            'cords' => $chosen->cords(),
            'needs' => $chosen->needs(),
            'mark' => $this->stock->mark(),
            'late' => false,
            'unit' => $this->preferences->unit(),
        ] + $this->told($chosen) + $this->choosing->page($chosen));
    }

    #[Route('/cord', 'cut_cord', methods: 'GET')]
    public function cord(Request $request): Response
    {
        $chosen = $this->choosing->of($request->query);
        $cord = LooseData::query($request)->raw('cord');
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
            $sent = LooseData::form($request);
            $makings = $this->taker->take(
                $chosen,
                $this->choosing->cutting($chosen),
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
    private function taken(array $makings, ChosenPieces $chosen): Response
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
        $cut = LooseData::form($request)->like('cut', '/^[0-9a-f]{32}$/D');
        if ('' === $cut) {
            return new Response(status: Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        $this->ticks->set($cut, LooseData::form($request)->has('made'));

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

    #[Route('/cuts.csv', 'cut_csv', methods: 'GET')]
    public function cutList(Request $request, Lists $lists): Response
    {
        return Streamed::csv(
            'rinkel-cuts.csv',
            $lists->cuts($this->choosing->cutting($this->choosing->of($request->query))),
        );
    }

    private function sheet(ChosenPieces $chosen, bool $isLate): Response
    {
        $cutting = $this->choosing->cutting($chosen);

        return $this->render('stock/cut.html.twig', [
            'cords' => [],
            'cutting' => $cutting,
            'needs' => $chosen->needs(),
            'made' => $this->ticks->made($cutting),
            'mark' => $this->stock->mark(),
            'late' => $isLate,
            'unit' => $this->preferences->unit(),
        ] + $this->told($chosen) + $this->choosing->page($chosen), new Response(
            status: $isLate ? Response::HTTP_CONFLICT : Response::HTTP_OK,
        ));
    }

    /**
     * @return array{rows: array<string, StockRow>, glues: list<array{Strain, list<StockRow>}>} what the stock says of
     *                                                                                          all that the pieces are
     *                                                                                          made of, and which glues
     *                                                                                          bear what is glued
     */
    private function told(ChosenPieces $chosen): array
    {
        $glues = array_map(fn (Strain $strain): array => [$strain, $this->glues->bearing($strain)], $chosen->strains());

        return ['glues' => $glues, 'rows' => $this->stock->like([
            ...array_map(static fn (Need $need): string => $need->what->materialKey(), $chosen->needs()),
            ...array_keys($chosen->cords()),
        ])];
    }
}
