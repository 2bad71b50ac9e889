import { authDoor } from '../../../../server/auth/signIn'
import { answer } from '../../../../server/http'

const handle = (request: Request): Promise<Response> => answer(request, () => authDoor(request))

export { handle as GET, handle as POST }
