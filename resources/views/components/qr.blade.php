@props(['address'])
@php($code = \App\Screens\Card\QrCode::of($address))
<svg xmlns="http://www.w3.org/2000/svg" class="qr" viewBox="0 0 {{ $code->size() }} {{ $code->size() }}" shape-rendering="crispEdges" {{ $attributes }}><rect width="{{ $code->size() }}" height="{{ $code->size() }}" fill="#ffffff" /><path d="{{ $code->path() }}" fill="#000000" /></svg>
