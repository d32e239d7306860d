<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Api;

use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Document\ActsDocument;
use Rinkel\App\Document\CuttingDocument;
use Rinkel\App\Document\PieceFiles;
use Rinkel\App\Document\PlanDocument;
use Rinkel\App\Document\StepsDocument;
use Rinkel\App\Piece\Drafts;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\PieceViews;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\Http\JsonAnswer;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Piece\PieceWriter;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Svg\PieceDrawing;
use Rinkel\Core\Svg\PlainSvg;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\ParameterBag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What Rinkel works out of a piece, for other programs: of one that it keeps, or of any that is sent.
 */
#[Route(ApiController::PATH)]
final class WorkedOutController extends AbstractController
{
    private const SEVERAL = '/^[0-9a-f]{32}(?::[1-9]\d?)?(?:,[0-9a-f]{32}(?::[1-9]\d?)?){0,29}$/D';
    private const WHICH = 'Say which pieces: ?pieces=UID,UID:3 for one of the first and three of the second.';
    private const WHAT = ['what' => 'plan|acts|steps|drawing'];

    public function __construct(
        private readonly PieceViews $views,
        private readonly Drafts $drafts,
        private readonly PlanDocument $plans,
        private readonly ActsDocument $acts,
        private readonly StepsDocument $steps,
    ) {}

    #[Route(
        '/pieces/{uid}/{what}',
        'api_worked_out',
        requirements: self::WHAT + ['uid' => '[0-9a-f]{32}'],
        methods: 'GET',
    )]
    public function ofPiece(string $uid, string $what, Pieces $pieces): Response
    {
        $stored = $pieces->withUid($uid) ?? throw new Problem(404, 'There is none with this uid.');

        return $this->said($what, $this->views->plan($stored), $stored->document());
    }

    #[Route('/{what}', 'api_work_out', requirements: self::WHAT, methods: 'POST')]
    #[ChangesNothing]
    public function ofAny(string $what, Request $request, PieceFiles $files, PieceWriter $writer): Response
    {
        $piece = $files->parse($request->getContent());

        return $this->said($what, $this->drafts->plan($piece), $writer->write($piece));
    }

    /**
     * Answers from which of the stock here the cords of kept pieces are cut: ?pieces=UID,UID:3, three of the second.
     */
    #[Route('/cutting', 'api_cutting', methods: 'GET')]
    public function cutting(Request $request, Pieces $pieces, ChosenPiecesReader $choosing): Response
    {
        $sent = ['p' => [], 'n' => []];
        $asked = LooseData::query($request)->like('pieces', self::SEVERAL);
        foreach ('' === $asked ? throw new Problem(400, self::WHICH) : explode(',', $asked) as $one) {
            [$uid, $count] = [...explode(':', $one), '1'];
            $stored = $pieces->withUid($uid) ?? throw new Problem(404, 'There is none with this uid.');
            $sent['p'][] = (string) $stored->id();
            $sent['n'][(string) $stored->id()] = $count;
        }

        return JsonAnswer::of(CuttingDocument::of($choosing->cutting($choosing->of(new ParameterBag($sent)))));
    }

    /**
     * @param array<string, mixed> $piece that it is about
     */
    private function said(string $what, Plan $plan, array $piece): Response
    {
        if ('drawing' === $what) {
            return new Response(
                PlainSvg::of((new PieceDrawing($plan, 'file'))->trueSize($plan->draft->piece->name), about: $piece),
                headers: ['Content-Type' => 'image/svg+xml'],
            );
        }

        return JsonAnswer::of(match ($what) {
            'plan' => $this->plans->of($plan),
            'acts' => $this->acts->of($plan),
            default => $this->steps->of($plan),
        });
    }
}
