<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Psr\Clock\ClockInterface;
use Rinkel\App\Making\CustomerChoices;
use Rinkel\App\Making\OpenChoice;
use Rinkel\App\Orders\CustomerAnswer;
use Rinkel\App\Orders\CustomerLinks;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Paper\Slip;
use Rinkel\App\Paper\Slips;
use Rinkel\App\Platform\Http\AccessToken;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Svg\DrawingFile;
use Rinkel\App\Svg\PagePictures;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * What a customer sees by their link: their order, to read, and a choice of size and colours with a note back.
 */
#[Route('/for/{token}', requirements: ['token' => AccessToken::LIKE])]
final class CustomerController extends AbstractController
{
    public function __construct(
        private readonly CustomerLinks $links,
        private readonly CustomerChoices $choices,
        private readonly Orders $orders,
        private readonly Slips $slips,
        private readonly ClockInterface $clock,
    ) {}

    #[Route('', 'customer', methods: 'GET')]
    public function show(string $token): Response
    {
        $order = $this->links->order($token);

        return null === $order ? $this->gone() : $this->page($token, $order, [], []);
    }

    #[Route('', 'customer_answer', methods: 'POST')]
    public function answer(string $token, Request $request): Response
    {
        $order = $this->links->order($token);
        if (null === $order) {
            return $this->gone();
        }
        $sent = LooseData::form($request);
        $typed = [];
        foreach (array_keys($sent->array('c')) as $key) {
            $typed[(string) $key] = $sent->within('c')->texts((string) $key);
        }
        $note = $sent->raw('note');
        try {
            $this->orders->answer($order, $this->choices->read($order, $note, $typed, $this->clock->now()));
        } catch (PieceUnreadable $unreadable) {
            return $this->page($token, $order, ['note' => $note, 'things' => $typed], $unreadable->byPath());
        }

        // Back to the same page, without naming it: where a form led to is remembered for a week, and the link is not
        // to be.
        return new RedirectResponse('?', Response::HTTP_SEE_OTHER);
    }

    /**
     * Draws one of the things of the order, as they are numbered on the page.
     */
    #[Route('/{number}.svg', 'customer_picture', requirements: ['number' => '[0-9]{1,3}'], methods: 'GET')]
    public function picture(string $token, int $number, PagePictures $pictures, DrawingFile $files): Response
    {
        $order = $this->links->order($token) ?? throw $this->createNotFoundException();
        $choice = $this->choices->of($order)[$number - 1] ?? throw $this->createNotFoundException();

        return self::hidden($files->response($pictures->small($choice->plan, $number)));
    }

    /**
     * @param array{note?: string, things?: array<string, array<string, string>>} $typed
     * @param array<string, non-empty-list<Fault>>                                $faults by field
     */
    private function page(string $token, StoredOrder $order, array $typed, array $faults): Response
    {
        $answer = $order->answer();
        $choices = $this->choices->of($order);

        return self::hidden($this->render('orders/for.html.twig', [
            'token' => $token,
            'order' => $order,
            'choices' => $choices,
            'slips' => array_map(fn (OpenChoice $choice): Slip => $this->slips->of($choice->plan), $choices),
            'answer' => $answer,
            'typed' => $typed + ['note' => $answer->note ?? '', 'things' => $answer->things ?? []],
            'faults' => $faults,
            'longest' => CustomerAnswer::NOTE,
        ], new Response(status: [] === $faults ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY)));
    }

    private function gone(): Response
    {
        return self::hidden(
            $this->render('orders/for_gone.html.twig', response: new Response(status: Response::HTTP_NOT_FOUND)),
        );
    }

    /**
     * Nothing of it is kept on the way, or found by a search.
     */
    private static function hidden(Response $response): Response
    {
        $response->headers->add(['Cache-Control' => 'private, no-store', 'X-Robots-Tag' => 'noindex']);

        return $response;
    }
}
