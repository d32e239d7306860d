<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Paper;

use Rinkel\App\Board\Paces;
use Rinkel\App\Buying\Shopping;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Document\PlanDocument;
use Rinkel\App\Money\Money;
use Rinkel\App\Paper\CutPaper;
use Rinkel\App\Paper\PageStrips;
use Rinkel\App\Paper\Strips;
use Rinkel\App\Paper\WorkSheet;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\PieceViews;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Http\JsonAnswer;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Svg\PieceDrawing;
use Rinkel\Core\Svg\PlainSvg;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\String\Slugger\AsciiSlugger;

/**
 * What leaves Rinkel on paper or for other programs, of one piece or of several.
 */
final class PaperController extends AbstractController
{
    private const ID = ['id' => '[0-9]{1,18}'];

    public function __construct(
        private readonly Pieces $pieces,
        private readonly PieceViews $views,
        private readonly ChosenPiecesReader $choosing,
        private readonly CutPaper $paper,
        private readonly Strips $strips,
        private readonly Preferences $preferences,
    ) {}

    #[Route('/pieces/{id}/work.pdf', 'paper_work', requirements: self::ID, methods: 'GET')]
    public function work(int $id, WorkSheet $sheet, Paces $paces): Response
    {
        [$stored, $plan] = $this->planned($id);

        return self::pdf($sheet->pdf($plan, $stored->whom(), $paces->pace()), self::name($plan, 'work'));
    }

    /**
     * Answers with what the Piece page prints: asked for when somebody prints it.
     */
    #[Route('/pieces/{id}/paper', 'piece_paper', requirements: self::ID, methods: 'GET')]
    public function printed(int $id): Response
    {
        [$stored, $plan] = $this->planned($id);

        return $this->render('piece/_paper.html.twig', [
            'plan' => $plan,
            'whom' => $stored->whom(),
            'needs' => Need::of([[$plan, 1]]),
            'strips' => PageStrips::of((new PieceDrawing($plan, 'paper'))->trueSize($plan->draft->piece->name)),
        ]);
    }

    #[Route('/pieces/{id}/line.pdf', 'paper_line', requirements: self::ID, methods: 'GET')]
    public function line(int $id): Response
    {
        [, $plan] = $this->planned($id);

        return self::pdf($this->strips->line($plan), self::name($plan, 'line'));
    }

    /**
     * Answers with the drawing as a file that any program reads, and that Rinkel reads back as the piece it shows.
     */
    #[Route('/pieces/{id}/drawing.svg', 'piece_drawing', requirements: self::ID, methods: 'GET')]
    public function drawing(int $id): Response
    {
        [$stored, $plan] = $this->planned($id);
        $svg = PlainSvg::of(
            (new PieceDrawing($plan, 'file'))->trueSize($plan->draft->piece->name),
            about: $stored->document(),
        );

        return self::answer($svg, 'image/svg+xml', self::name($plan, 'drawing').'.svg');
    }

    #[Route('/pieces/{id}/plan.json', 'piece_plan', requirements: self::ID, methods: 'GET')]
    public function plan(int $id, PlanDocument $document): Response
    {
        [$stored, $plan] = $this->planned($id);

        return JsonAnswer::file(
            $document->of($plan) + ['wish' => $stored->document()],
            self::name($plan, 'plan').'.json',
        );
    }

    #[Route('/paper/wrist.pdf', 'paper_wrist', methods: 'GET')]
    public function wrist(): Response
    {
        return self::pdf($this->strips->wrist($this->preferences->unit()), 'rinkel-wrist');
    }

    #[Route('/cut/sheet.pdf', 'paper_cut', methods: 'GET')]
    public function cut(Request $request): Response
    {
        [$chosen, $cutting] = $this->chosen($request);

        return self::pdf($this->paper->sheet($chosen, $cutting, $this->preferences->unit()), 'rinkel-cuts');
    }

    #[Route('/cut/labels.pdf', 'paper_labels', methods: 'GET')]
    public function labels(Request $request): Response
    {
        [$chosen, $cutting] = $this->chosen($request);

        return self::pdf($this->paper->labels($chosen, $cutting, $this->preferences->unit()), 'rinkel-labels');
    }

    #[Route('/cut/buy.pdf', 'paper_buy', methods: 'GET')]
    public function buy(Request $request, Shopping $shopping, Money $money): Response
    {
        [$chosen, $cutting] = $this->chosen($request);
        $list = $shopping->list($chosen, $cutting);
        $sum = $money->said(Shopping::sum(array_merge(...array_values($list))));

        return self::pdf($this->paper->shopping($chosen, $list, $sum, $this->preferences->unit()), 'rinkel-buy');
    }

    /**
     * @return array{StoredPiece, Plan}
     */
    private function planned(int $id): array
    {
        $stored = $this->pieces->find($id) ?? throw $this->createNotFoundException();

        return [$stored, $this->views->plan($stored)];
    }

    /**
     * @return array{ChosenPieces, Cutting}
     */
    private function chosen(Request $request): array
    {
        $chosen = $this->choosing->of($request->query);

        return [$chosen, $this->choosing->cutting($chosen)];
    }

    private static function name(Plan $plan, string $what): string
    {
        $name = (string) (new AsciiSlugger())->slug($plan->draft->piece->name)->lower()->truncate(40);

        return ('' === $name ? 'piece' : $name).'-'.$what;
    }

    public static function pdf(string $pdf, string $name): Response
    {
        return self::answer($pdf, 'application/pdf', $name.'.pdf', 'inline');
    }

    private static function answer(string $content, string $type, string $name, string $as = 'attachment'): Response
    {
        return new Response($content, headers: [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition($as, $name),
            'Cache-Control' => 'no-store',
        ]);
    }
}
