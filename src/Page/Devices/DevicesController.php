<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Devices;

use Rinkel\App\Devices\Devices;
use Rinkel\App\Devices\Reading;
use Rinkel\App\Devices\StoredReading;
use Rinkel\App\Platform\LooseData;
use Rinkel\Core\Failure;
use Rinkel\Core\Material\Tray;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The Devices page: a stand-in for a calliper, a tape, a scale and a foot switch, the way in for real ones with a
 * serial line, and a tray of beads counted by weight.
 */
#[Route('/devices')]
final class DevicesController extends AbstractController
{
    public function __construct(private readonly Devices $devices) {}

    #[Route('', 'devices', methods: 'GET')]
    public function show(Request $request): Response
    {
        $asked = LooseData::query($request);
        $typed = ['counted' => '10', 'some' => '', 'all' => ''];
        foreach ($typed as $field => $default) {
            $typed[$field] = $asked->has($field) ? $asked->text($field, 30) : $default;
        }
        [$tray, $said] = [null, null];
        if ('' !== $typed['some'] || '' !== $typed['all']) {
            try {
                $tray = Tray::weighed(
                    1 === preg_match('/^\d{1,3}$/D', $typed['counted']) ? (int) $typed['counted'] : 0,
                    self::grams($typed['some']),
                    self::grams($typed['all']),
                );
            } catch (Failure $failure) {
                $said = $failure->said();
            }
        }

        return $this->render('devices/devices.html.twig', [
            'typed' => $typed,
            'tray' => $tray,
            'said' => $said,
        ], new Response(status: null === $said ? Response::HTTP_OK : Response::HTTP_UNPROCESSABLE_ENTITY));
    }

    /**
     * Takes a line that an instrument says, from the stand-in or from a real one.
     */
    #[Route('/say', 'devices_say', methods: 'POST')]
    public function say(Request $request): Response
    {
        $reading = Reading::of(LooseData::form($request)->raw('line'));
        if (null !== $reading) {
            $this->devices->say(trim($reading->device.' '.$reading->text()));
        }
        if (!$request->headers->has('X-Rinkel-Device')) {
            return $this->redirectToRoute('devices', [], Response::HTTP_SEE_OTHER);
        }

        return new Response(
            status: null === $reading ? Response::HTTP_UNPROCESSABLE_ENTITY : Response::HTTP_NO_CONTENT,
        );
    }

    /**
     * Tells a page that listens what was said since.
     */
    #[Route('/heard', 'devices_heard', methods: 'GET')]
    public function heard(Request $request): Response
    {
        $after = LooseData::query($request)->like('after', '/^\d{1,12}$/D');
        $readings = '' === $after ? [] : $this->devices->after((int) $after);

        return new JsonResponse([
            'last' => [] === $readings ? $this->devices->last() : $readings[\count($readings) - 1]->id(),
            'lines' => array_map(static fn (StoredReading $reading): string => $reading->line, $readings),
        ]);
    }

    private static function grams(string $text): float
    {
        return 1 === preg_match('/^(\d{1,6}(?:[.,]\d{1,3})?)\s*g?$/D', $text, $match)
            ? (float) str_replace(',', '.', $match[1])
            : 0.0;
    }
}
