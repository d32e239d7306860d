<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Rinkel\App\Making\CustomerChoices;
use Rinkel\App\Orders\CustomerLinks;
use Rinkel\App\Orders\Orders;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Svg\QrCode;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * The maker's side of a customer's link: making it, withdrawing it, and what comes of the answer.
 */
#[Route('/orders/{id}', requirements: ['id' => '[0-9]{1,18}'])]
final class CustomerLinkController extends AbstractController
{
    public function __construct(
        private readonly Orders $orders,
        private readonly CustomerLinks $links,
    ) {}

    /**
     * Makes a link and shows it, once: nobody can read it again, here either.
     */
    #[Route('/link', 'order_link', methods: 'POST')]
    public function make(int $id, Request $request, TranslatorInterface $translator): Response
    {
        $order = $this->order($id);
        $days = LooseData::form($request)->exact('days', 1, 90);
        $token = $this->links->make(
            $order,
            \in_array($days, CustomerLinks::DAYS, true) ? $days : CustomerLinks::DAYS[1],
        );
        $link = $this->generateUrl('customer', ['token' => $token], UrlGeneratorInterface::ABSOLUTE_URL);

        return $this->render('orders/link.html.twig', [
            'order' => $order,
            'link' => $link,
            'standing' => $this->links->of($order),
            'code' => QrCode::of($link, $translator->trans('customer.code')),
        ], new Response(headers: ['Cache-Control' => 'no-store']));
    }

    #[Route('/link/withdraw', 'order_link_withdraw', methods: 'POST')]
    public function withdraw(int $id): Response
    {
        $order = $this->order($id);
        $this->links->withdraw($order);

        return $this->to($order);
    }

    /**
     * Has the things made as their customer chose, or notes that the answer was read.
     */
    #[Route('/answer', 'order_answer', methods: 'POST')]
    public function answer(int $id, Request $request, CustomerChoices $choices): Response
    {
        $order = $this->order($id);
        $answer = $order->answer();
        if (null === $answer) {
            return $this->to($order);
        }
        if (!LooseData::form($request)->has('use')) {
            $this->orders->answer($order, $answer->done(false));

            return $this->to($order);
        }
        $late = $choices->use($order);

        return $this->redirectToRoute(
            'order',
            ['id' => $id] + (0 === $late ? [] : ['late' => $late]),
            Response::HTTP_SEE_OTHER,
        );
    }

    private function order(int $id): StoredOrder
    {
        return $this->orders->find($id) ?? throw $this->createNotFoundException();
    }

    private function to(StoredOrder $order): Response
    {
        return $this->redirectToRoute('order', ['id' => $order->id()], Response::HTTP_SEE_OTHER);
    }
}
