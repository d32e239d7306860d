<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Stock;

use Rinkel\App\Buying\Lists;
use Rinkel\App\Buying\Promised;
use Rinkel\App\Buying\Shopping;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Making\Makings;
use Rinkel\App\Platform\Http\Streamed;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\Glues;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\TakenMeanwhile;
use Rinkel\Core\Material\Strain;
use Rinkel\Core\Measure\Length;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What pieces lack: what to buy, and what was bought.
 */
#[Route('/cut')]
final class BuyController extends AbstractController
{
    public function __construct(
        private readonly StockBox $stock,
        private readonly StockMovements $movements,
        private readonly Glues $glues,
        private readonly ChosenPiecesReader $choosing,
        private readonly Shopping $shopping,
        private readonly Promised $promised,
        private readonly Makings $makings,
        private readonly Preferences $preferences,
    ) {}

    #[Route('/buy', 'buy', methods: 'GET')]
    public function buy(Request $request): Response
    {
        return $this->toBuy($this->choosing->of($request->query), false);
    }

    #[Route('/bought', 'bought', methods: 'POST')]
    public function bought(Request $request): Response
    {
        $chosen = $this->choosing->of($request->request);
        $got = LooseData::form($request)->list('got');
        $list = $this->shopping->list($chosen, $this->choosing->cutting($chosen));
        $bought = [];
        foreach (array_merge(...array_values($list)) as $one) {
            if (\in_array($one->what->materialKey(), $got, true)) {
                // Cord comes in its spools, each by itself.
                $packs = $one->packs;
                $each = null !== $packs && $packs->each instanceof Length ? array_fill(
                    0,
                    $packs->count,
                    $packs->each,
                ) : [];
                foreach ([] === $each ? [$one->bought()] : $each as $much) {
                    $bought[] = [$one->what, $much, $one->missing->letters];
                }
            }
        }
        try {
            if ([] !== $bought) {
                $this->movements->receive($bought, $chosen->names(), LooseData::form($request)->raw('mark'));
            }
        } catch (TakenMeanwhile) {
            return $this->toBuy($chosen, true);
        }

        return $this->redirectToRoute('buy', $chosen->query(), Response::HTTP_SEE_OTHER);
    }

    #[Route('/buy.csv', 'buy_csv', methods: 'GET')]
    public function buyList(Request $request, Lists $lists): Response
    {
        $chosen = $this->choosing->of($request->query);

        return Streamed::csv(
            'rinkel-buy.csv',
            $lists->buys($this->shopping->list($chosen, $this->choosing->cutting($chosen))),
        );
    }

    private function toBuy(ChosenPieces $chosen, bool $isLate): Response
    {
        $list = $this->shopping->list($chosen, $this->choosing->cutting($chosen));

        return $this->render('stock/buy.html.twig', [
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
            'unit' => $this->preferences->unit(),
        ] + $this->choosing->page($chosen), new Response(
            status: $isLate ? Response::HTTP_CONFLICT : Response::HTTP_OK,
        ));
    }
}
