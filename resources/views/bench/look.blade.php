@php($stance = $look->stance())
@if ($stance !== null && $stance !== \Yoke\Rig\Parts\Stance::Carried)
    <form method="post" action="{{ route('rounds.store', [$page->job, $stance->value]) }}" class="tape-foot" data-look="{{ $look->value }}">
        @csrf
        <button class="button is-small is-first">{{ __('move.look_now.'.$look->value) }}</button>
    </form>
@elseif ($look === \Yoke\Judgement\Advice\Recheck::Count && $page->setting() !== null)
    <form method="post" action="{{ route('hook-up.count', $page->job) }}" class="tape-foot" data-look="count">
        @csrf
        @foreach ($page->setting()->counted() as $counted)
            @foreach ($counted['isTwice'] ? ['left' => 'steps', 'right' => 'right'] : ['' => 'steps'] as $side => $name)
                <label>{{ $side === '' ? $counted['label'] : __("setting.{$side}", ['label' => $counted['label']]) }} <select name="{{ $name }}[{{ $counted['key'] }}]">@foreach ($counted['options'] as [$step, $says])<option value="{{ $step }}" @selected(abs($step - $counted['on']) < 1e-9)>{{ $says }}</option>@endforeach</select></label>
            @endforeach
        @endforeach
        <button class="button is-small is-first">{{ __('move.look_now.count') }}</button>
    </form>
@endif
