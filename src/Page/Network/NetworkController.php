<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Network;

use Rinkel\App\Pairing\PairedDevices;
use Rinkel\App\Pairing\Pairing;
use Rinkel\App\Platform\Database\ChangeStamp;
use Rinkel\App\Platform\Http\ChangesNothing;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Settings\HomeNetwork;
use Rinkel\App\Svg\QrCode;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Phones and other devices: whether they reach Rinkel, a word that lets one in, and those that are in. Only this
 * machine lets others in.
 */
final class NetworkController extends AbstractController
{
    public function __construct(
        private readonly Pairing $pairing,
        private readonly PairedDevices $devices,
        private readonly HomeNetwork $network,
        private readonly TranslatorInterface $translator,
    ) {}

    #[Route('/network', 'network', methods: 'GET')]
    public function show(Request $request): Response
    {
        return $this->page($request, null);
    }

    /**
     * Shows a new word, once: loading the page again shows none.
     */
    #[Route('/network/word', 'network_word', methods: 'POST')]
    #[ChangesNothing]
    public function word(Request $request): Response
    {
        return $this->pairing->isOpen() && Pairing::isThisMachine($request)
            ? $this->page($request, $this->pairing->show())
            : $this->redirectToRoute('network', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/network/serve', 'network_serve', methods: 'POST')]
    public function serve(Request $request): Response
    {
        if (Pairing::isThisMachine($request)) {
            $this->network->serve(LooseData::form($request)->has('on'));
        }

        return $this->redirectToRoute('network', status: Response::HTTP_SEE_OTHER);
    }

    #[Route('/network/devices/{uid}', 'network_rename', requirements: ['uid' => '[0-9a-f]{32}'], methods: 'POST')]
    public function rename(string $uid, Request $request): Response
    {
        $this->devices->rename($uid, LooseData::form($request)->text('name', PairedDevices::LONGEST));

        return $this->redirectToRoute('network', status: Response::HTTP_SEE_OTHER);
    }

    #[Route(
        '/network/devices/{uid}/remove',
        'network_remove',
        requirements: ['uid' => '[0-9a-f]{32}'],
        methods: 'POST',
    ),]
    public function remove(string $uid): Response
    {
        $this->devices->remove($uid);

        return $this->redirectToRoute('network', status: Response::HTTP_SEE_OTHER);
    }

    /**
     * Answers with a number that is another one once anything was changed, on whichever device.
     */
    #[Route('/changes', 'changes', methods: 'GET')]
    public function changes(ChangeStamp $stamp): Response
    {
        return new Response((string) $stamp->now(), headers: [
            'Content-Type' => 'text/plain; charset=utf-8', 'Cache-Control' => 'no-store',
        ]);
    }

    private function page(Request $request, ?string $word): Response
    {
        $address = ($this->pairing->names()[0] ?? '').(80 === (int) $request->getPort() ? '' : ':'.$request->getPort());
        $link = $request->getScheme().'://'.$address.$this->generateUrl('pair_here', ['word' => $word ?? '']);

        return $this->render('network/network.html.twig', [
            'is_open' => $this->pairing->isOpen(),
            'is_here' => Pairing::isThisMachine($request),
            'serves' => $this->network->serves(),
            'addresses' => array_map(
                static fn (string $name): string => $request->getScheme().'://'.$name.':'.$request->getPort().'/',
                $this->pairing->names(),
            ),
            'word' => $word,
            'code' => null === $word ? '' : QrCode::of($link, $this->translator->trans('network.code')),
            'devices' => $this->devices->all(),
        ], new Response(headers: ['Cache-Control' => 'no-store']));
    }
}
