@extends('errors.page', ['status' => 403, 'heading' => say('pages.errors-403.not-yours-change')])

@section('said')
    @if ($exception->getPrevious() === null && $exception->getMessage() !== '')
        {{ $exception->getMessage() }}
    @else
        Only an owner of the workshop can do this. Ask one, or go back.
    @endif
@endsection
